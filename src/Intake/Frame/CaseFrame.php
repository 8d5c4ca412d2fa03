<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use App\Account\Undo\UndoStep;
use App\Intake\CaseFile;
use Japhrex\Core\Family\Book;

/** What stands around every page of a case: its line of facts, its walk, its wear strip. Each stage writes its own part into it. */
final class CaseFrame
{
    private ?UndoStep $undo = null;

    public function __construct(
        public readonly CaseFile $case,
        public readonly Book $book,
        public readonly FrameSheet $sheet = new FrameSheet(),
    ) {
    }

    /** The next stage of the walk, in the order of work. */
    public function add(WalkStop $stop): void
    {
        $this->sheet->walk[$stop->key] = $stop;
    }

    public function takeOff(string $part): void
    {
        $this->sheet->off[$part] = true;
    }

    /** @param int $grade on the wear ramp, 0 (clean) to 4: the worst that was found on the part */
    public function grade(string $part, int $grade): void
    {
        $this->sheet->grades[$part] = $grade;
    }

    /** Where the case stands, in a word or two, instead of its stage. */
    public function stand(string $words): void
    {
        $this->sheet->standing = $words;
    }

    /** A sub-assembly that lies on the bench and is left shut. */
    public function leaveShut(string $name): void
    {
        $this->sheet->unopened[] = $name;
    }

    /** Something of this case is not what it was. */
    public function alarm(string $words): void
    {
        $this->sheet->alarms[] = $words;
    }

    /**
     * A day of this case has come, or is past.
     *
     * @param string $route of the page where something is done about it
     */
    public function remind(string $words, string $route): void
    {
        $this->sheet->reminders[] = new Reminder($words, $route);
    }

    /** @return list<Reminder> */
    public function reminders(): array
    {
        return $this->sheet->reminders;
    }

    /** What the shop knows of units such as this one: told where it comes in. */
    public function warn(FrameWarning $warning): void
    {
        $this->sheet->warnings[] = $warning;
    }

    /** @return list<FrameWarning> */
    public function warnings(): array
    {
        return $this->sheet->warnings;
    }

    public function layInTray(int $count): void
    {
        $this->sheet->inTray = $count;
    }

    /** @return array<string, WalkStop> in the order of work */
    public function walk(): array
    {
        return $this->sheet->walk;
    }

    /**
     * Where somebody goes on: the first stage with something open that is his to do; null: nothing of this case waits for him.
     *
     * @param callable(string): bool $may which permissions he has
     */
    public function nextFor(callable $may): ?WalkStop
    {
        foreach ($this->sheet->walk as $stop) {
            if ($stop->open > 0 && $may($stop->permission)) {
                return $stop;
            }
        }

        return null;
    }

    /** Where the work of a case stands: the first stage with something open, the last when nothing is. */
    public function stands(): string
    {
        foreach ($this->sheet->walk as $key => $stop) {
            if ($stop->open > 0) {
                return $key;
            }
        }

        return (string) array_key_last($this->sheet->walk);
    }

    /** @return list<WearCell> in strip order */
    public function wear(): array
    {
        $cells = [];
        foreach ($this->book->partsInStripOrder() as $part) {
            $cells[] = new WearCell(
                $part->key, $part->short, $this->sheet->grades[$part->key] ?? null, isset($this->sheet->off[$part->key]),
            );
        }

        return $cells;
    }

    public function standing(): string
    {
        return $this->sheet->standing ?? $this->case->stage->label();
    }

    /** @return list<string> */
    public function unopened(): array
    {
        return $this->sheet->unopened;
    }

    /** @return list<string> */
    public function alarms(): array
    {
        return $this->sheet->alarms;
    }

    public function inTray(): int
    {
        return $this->sheet->inTray;
    }

    /** The last act of the person at the screen. */
    public function canTakeBack(UndoStep $step): void
    {
        $this->undo = $step;
    }

    public function undo(): ?UndoStep
    {
        return $this->undo;
    }

    public function teach(string $at, string $place, LessonHere $lesson): void
    {
        $this->sheet->lessons[trim($at.' '.$place)][] = $lesson;
    }

    /** @return list<LessonHere> what earlier cases taught of this place */
    public function lessonsAt(string $at, string $place = ''): array
    {
        return $this->sheet->lessons[trim($at.' '.$place)] ?? [];
    }

    public function heard(HeardAnswer $answer): void
    {
        $this->sheet->answers[] = $answer;
    }

    /** @return list<HeardAnswer> what the user of the unit answered to how it runs */
    public function answers(): array
    {
        return $this->sheet->answers;
    }
}
