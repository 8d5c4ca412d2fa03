<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\Clips\Clip;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends OfCaseRepository<Clip> */
final class ClipRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Clip::class);
    }

    public function countOf(CaseFile $case, ?string $part): int
    {
        return $this->count(['case' => $case, 'part' => $part]);
    }

    public function withHash(CaseFile $case, string $hash): ?Clip
    {
        return $this->findOneBy(['case' => $case, 'hash' => $hash]);
    }

    public function one(CaseFile $case, string $id): ?Clip
    {
        return Uuid::isValid($id) ? $this->findOneBy(['id' => $id, 'case' => $case]) : null;
    }

    /** @return list<Clip> that nobody has sorted */
    public function unsorted(CaseFile $case): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (Clip $one): bool => PhotoStage::Unsorted === $one->stage));
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Clip> those of this case
     */
    public function among(CaseFile $case, array $ids): array
    {
        return [] === $ids ? [] : $this->findBy(['case' => $case, 'id' => $ids], ['id' => 'ASC']);
    }

    /** @return iterable<Clip> all that are kept, one at a time */
    public function each(): iterable
    {
        /** @var iterable<Clip> $all */
        $all = $this->createQueryBuilder('c')->orderBy('c.id')->getQuery()->toIterable();

        return $all;
    }

    /** @return list<Clip> of the unit as a whole, those in the tray left out */
    public function ofWholeUnit(CaseFile $case): array
    {
        return array_values(array_filter(
            $this->ofCase($case),
            static fn (Clip $clip): bool => null === $clip->part && PhotoStage::Unsorted !== $clip->stage,
        ));
    }

    /** @return array<string, list<Clip>> by part, those in the tray left out */
    public function sortedByPart(CaseFile $case): array
    {
        $clips = [];
        foreach ($this->ofCase($case) as $clip) {
            if (null !== $clip->part && PhotoStage::Unsorted !== $clip->stage) {
                $clips[$clip->part][] = $clip;
            }
        }

        return $clips;
    }

    /** How many lie in the tray. */
    public function countUnsorted(CaseFile $case): int
    {
        return $this->count(['case' => $case, 'stage' => PhotoStage::Unsorted]);
    }
}
