<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;

/** All photos of a case with their marks and measures, in one question to the database however many there are. */
final readonly class CasePhotos
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return list<Photo> in the order in which they came */
    public function of(CaseFile $case): array
    {
        /** @var list<Photo> $photos */
        $photos = $this->em->createQuery('SELECT p, pic, m, n FROM '.Photo::class.' p JOIN p.picture pic LEFT JOIN p.marks m LEFT JOIN p.measures n WHERE p.case = :case ORDER BY p.id, m.id, n.id')->setParameter('case', $case)->getResult();

        return $photos;
    }
}
