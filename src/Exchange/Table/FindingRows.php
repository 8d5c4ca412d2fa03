<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\User;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Damage\Grade;
use Japhrex\Core\Damage\Mode;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\Surface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** What looks found, one a line. */
final readonly class FindingRows implements TableRows
{
    private const CLEAN = 'clean';

    public function __construct(
        private BookShelf $shelf,
        private FindingRepository $findings,
        private ValidatorInterface $validator,
        private RecordFinding $record,
    ) {
    }

    public function must(): array
    {
        return ['part', 'found'];
    }

    public function may(): array
    {
        return ['surface', 'grade', 'note'];
    }

    public function example(): string
    {
        return "part,surface,found,grade,note\nfront-block,face,scoring,3,three grooves one can feel\ndrive-gear,,clean,,";
    }

    public function plan(array $lines, ?CaseFile $case, User $who): array
    {
        if (null === $case) {
            throw new \LogicException('Finds are of a case.');
        }
        $book = $this->shelf->book($case->family, $case->is());
        $there = array_map(self::of(...), $this->findings->ofCase($case));
        $plan = [];
        foreach ($lines as $number => $line) {
            $part = Meant::part($line['part'], $book);
            $plan[$number] = null === $part
                ? PlannedLine::refused(Meant::noPart($line['part'], $book))
                : $this->line($line, $part, $case, $who, $there);
        }

        return $plan;
    }

    /**
     * @param array<string, string> $line
     * @param list<string> $there what was found already, and by the lines before
     */
    private function line(array $line, Part $part, CaseFile $case, User $who, array &$there): PlannedLine
    {
        $surface = null;
        if ('' !== ($line['surface'] ?? '')) {
            $surface = Meant::key($line['surface'], array_map(static fn (Surface $one): string => $one->name, $part->surfaces));
            if (null === $surface) {
                $has = implode(', ', array_keys($part->surfaces)) ?: 'none';

                return PlannedLine::refused(\sprintf('%s has no surface “%s”; it has: %s.', $part->name, $line['surface'], $has));
            }
        }
        $finding = new Finding($case, $part->key);
        if (self::CLEAN === mb_strtolower($line['found'])) {
            $finding->lookedClean($surface);
            $finding->remark($line['note'] ?? '');
            $says = 'looked at, clean';
        } else {
            $modes = $this->shelf->modes();
            $mode = Meant::key($line['found'], array_map(static fn (Mode $one): string => $one->name, $modes->modes));
            $grade = self::grade($line['grade'] ?? '');
            if (null === $mode) {
                $known = implode(', ', array_keys($modes->modes));

                return PlannedLine::refused(
                    \sprintf('“%s” is no damage mode, and not “clean”. They are called: %s.', $line['found'], $known),
                );
            }
            if (null === $grade) {
                return PlannedLine::refused(
                    \sprintf('“%s” is no grade: 1 to 4, or light, moderate, heavy, destroyed.', $line['grade'] ?? ''),
                );
            }
            $finding->sawDamage($mode, $grade->value, $line['note'] ?? '', $surface);
            $says = $modes->get($mode)?->name.', '.$grade->word();
        }
        foreach ($this->validator->validate($finding) as $fault) {
            return PlannedLine::refused((string) $fault->getMessage());
        }
        if (\in_array(self::of($finding), $there, true)) {
            return PlannedLine::refused('That is found there already.');
        }
        $there[] = self::of($finding);

        return PlannedLine::taken(
            $part->name.(null === $surface ? '' : ', '.$part->surfaces[$surface]->name).': '.$says,
            fn () => ($this->record)($finding, $who),
        );
    }

    private static function grade(string $typed): ?Grade
    {
        $names = [];
        foreach (Grade::cases() as $one) {
            $names[$one->value] = $one->word();
        }
        $key = Meant::key($typed, $names);

        return null === $key ? null : Grade::from((int) $key);
    }

    private static function of(Finding $finding): string
    {
        return $finding->place().' '.$finding->kind->value.' '.$finding->mode;
    }
}
