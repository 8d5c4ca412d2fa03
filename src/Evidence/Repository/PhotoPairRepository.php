<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\Photo;
use App\Evidence\PhotoPair;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Intake\Repository\ReadAlone;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<PhotoPair> */
final class PhotoPairRepository extends OfCaseRepository implements ReadAlone
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PhotoPair::class);
    }

    /** The signed case in a pair of which a photo stands; null: it stands in none. */
    public function signedWith(Photo $photo): ?CaseFile
    {
        /** @var PhotoPair|null $pair */
        $pair = $this->createQueryBuilder('p')->join('p.case', 'c')->where('c.signedAt IS NOT NULL')
            ->andWhere('p.left = :photo OR p.right = :photo')->setParameter('photo', $photo->id, 'uuid')->setMaxResults(1)
            ->getQuery()->getOneOrNullResult();

        return $pair?->case;
    }
}
