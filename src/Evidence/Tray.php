<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use App\Platform\BookShelf;
use App\Teardown\StripBench;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Teardown\InHand;

/** The tray of a case: pictures that came without a part, each with the part that was in hand when it was taken. */
final readonly class Tray
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf, private StripBench $strip)
    {
    }

    /** @return list<array{photo: Photo, part: Part|null, step: string}> by the time they were taken */
    public function of(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family);
        $closed = array_map(static fn ($record): \DateTimeImmutable => $record->at, $this->strip->records($case));
        $lying = [];
        foreach ($this->em->getRepository(Photo::class)->findBy(['case' => $case, 'stage' => PhotoStage::Unsorted], ['id' => 'ASC']) as $photo) {
            $taken = $photo->takenAt();
            $step = null === $taken ? null : InHand::at($book, $closed, $taken);
            $lying[] = ['photo' => $photo, 'part' => null === $step ? null : $book->part($step->removes[0] ?? ''), 'step' => $step->title ?? ''];
        }
        usort($lying, static fn (array $a, array $b): int => [$a['photo']->picture->takenAt ?? '~', (string) $a['photo']->id] <=> [$b['photo']->picture->takenAt ?? '~', (string) $b['photo']->id]);

        return $lying;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Photo> of this case
     */
    public function photos(CaseFile $case, array $ids): array
    {
        $valid = array_values(array_filter($ids, \Symfony\Component\Uid\Uuid::isValid(...)));

        return [] === $valid ? [] : $this->em->getRepository(Photo::class)->findBy(['case' => $case, 'id' => $valid]);
    }
}
