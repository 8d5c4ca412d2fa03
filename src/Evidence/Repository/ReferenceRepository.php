<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\Photo;
use App\Evidence\Reference;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Reference> */
final class ReferenceRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Reference::class);
    }

    /** @return list<Reference> of a part of a family, the good ones first */
    public function ofPart(string $family, string $part): array
    {
        /** @var list<Reference> $found */
        $found = $this->withCase()->where('c.family = :family')->andWhere('p.part = :part')
            ->orderBy('r.grade')->addOrderBy('r.id')->setParameter('family', $family)->setParameter('part', $part)->getQuery()->getResult();

        return $found;
    }

    /** @return array<string, array<string, non-empty-list<Reference>>> by family and part, the good ones first */
    public function byFamily(): array
    {
        /** @var list<Reference> $found */
        $found = $this->withCase()
            ->orderBy('c.family')->addOrderBy('p.part')->addOrderBy('r.grade')->addOrderBy('r.id')->getQuery()->getResult();
        $sorted = [];
        foreach ($found as $one) {
            $sorted[$one->photo->case->family][(string) $one->photo->part][] = $one;
        }

        return $sorted;
    }

    public function ofPhoto(Photo $photo): ?Reference
    {
        return $this->findOneBy(['photo' => $photo]);
    }

    /**
     * @param list<Photo> $photos
     *
     * @return array<string, Reference> by photo id, of those that are one
     */
    public function ofPhotos(array $photos): array
    {
        $references = [];
        foreach ($this->findBy(['photo' => $photos]) as $reference) {
            $references[(string) $reference->photo->id] = $reference;
        }

        return $references;
    }

    private function withCase(): QueryBuilder
    {
        return $this->createQueryBuilder('r')->select('r', 'p', 'i', 'c', 'a')->join('r.photo', 'p')->join('p.picture', 'i')
            ->join('p.case', 'c')->leftJoin('c.arrival', 'a');
    }
}
