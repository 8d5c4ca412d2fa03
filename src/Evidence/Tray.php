<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Clips\Clip;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Teardown\StripBench;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Teardown\InHand;

/** The tray of a case: pictures and clips that came without a part, each with the part that was in hand when it was taken. */
final readonly class Tray
{
    public function __construct(
        private BookShelf $shelf,
        private StripBench $strip,
        private PhotoRepository $photos,
        private ClipRepository $clips,
    ) {
    }

    /** @return list<TrayRow> by the time they were taken */
    public function lying(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $closed = array_map(static fn ($record): \DateTimeImmutable => $record->at, $this->strip->records($case));
        $lying = [];
        foreach ([...$this->photos->unsorted($case), ...$this->clips->unsorted($case)] as $photo) {
            $taken = $photo->takenAt();
            $step = null === $taken ? null : InHand::at($book, $closed, $taken);
            $lying[] = new TrayRow(
                $photo,
                null === $step ? null : $book->part($step->removes[0] ?? ''),
                $step->title ?? '',
            );
        }
        usort(
            $lying,
            static fn (TrayRow $a, TrayRow $b): int => [
                $a->photo->takenAt()?->getTimestamp() ?? \PHP_INT_MAX,
                (string) $a->photo->id,
            ] <=> [$b->photo->takenAt()?->getTimestamp() ?? \PHP_INT_MAX, (string) $b->photo->id],
        );

        return $lying;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Photo|Clip> of this case
     */
    public function photos(CaseFile $case, array $ids): array
    {
        $valid = array_values(array_filter($ids, \Symfony\Component\Uid\Uuid::isValid(...)));

        return [...$this->photos->among($case, $valid), ...$this->clips->among($case, $valid)];
    }
}
