<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Clips\Clip;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Teardown\StripBench;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Teardown\InHand;

/** The pictures of a case as a filmstrip: part by part, stage by stage, or step by step of the strip run. */
final readonly class Film
{
    public const BY = ['part' => 'part', 'stage' => 'stage', 'step' => 'step'];

    public function __construct(
        private PhotoRepository $photos,
        private BookShelf $shelf,
        private StripBench $strip,
        private ClipRepository $clips,
    ) {
    }

    /** @return array<string, non-empty-list<Photo|Clip>> by heading, in the order of the work */
    public function reels(CaseFile $case, string $by): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $closed = 'step' === $by ? array_map(static fn ($record): \DateTimeImmutable => $record->at, $this->strip->records($case)) : [];
        $reels = array_fill_keys(self::headings($book, $by), []);
        foreach ($this->all($case) as $one) {
            $reels[$this->heading($book, $one, $by, $closed)][] = $one;
        }

        return array_filter($reels);
    }

    /**
     * The strip that a picture is looked at in.
     *
     * @return array{string, non-empty-list<Photo|Clip>} heading and pictures
     */
    public function around(Photo $photo, string $by): array
    {
        foreach ($this->reels($photo->case, $by) as $heading => $reel) {
            if (\in_array($photo, $reel, true)) {
                return [$heading, $reel];
            }
        }

        return ['', [$photo]];
    }

    /** @return list<Photo|Clip> in the order in which they came */
    private function all(CaseFile $case): array
    {
        $all = [...$this->photos->ofCase($case), ...$this->clips->ofCase($case)];
        usort($all, static fn (Photo|Clip $a, Photo|Clip $b): int => strcmp((string) $a->id, (string) $b->id));

        return $all;
    }

    /** @return list<string> all there may be, in order */
    private static function headings(Book $book, string $by): array
    {
        return match ($by) {
            'stage' => array_map(static fn (PhotoStage $stage): string => ucfirst($stage->label()), PhotoStage::cases()),
            'step' => ['On arrival', ...array_map(static fn ($step): string => $step->title, array_values($book->strip)), 'Not sorted yet'],
            default => ['The unit', ...array_map(static fn ($part): string => $part->name, $book->partsAndNeighbours())],
        };
    }

    /** @param array<string, \DateTimeImmutable> $closed when each step was closed */
    private function heading(Book $book, Photo|Clip $one, string $by, array $closed): string
    {
        if ('stage' === $by) {
            return ucfirst($one->stage->label());
        }
        if ('step' !== $by) {
            return $book->part((string) $one->part)->name ?? 'The unit';
        }
        if (PhotoStage::Arrival === $one->stage) {
            return 'On arrival';
        }

        return InHand::belonging($book, $closed, $one->takenAt(), $one->part)->title ?? 'Not sorted yet';
    }
}
