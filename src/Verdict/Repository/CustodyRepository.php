<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Intake\CaseFile;
use App\Verdict\Warranty\Custody;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Verdict\Whereabouts;

/** @extends ServiceEntityRepository<Custody> */
final class CustodyRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Custody::class);
    }

    /** @return list<Custody> by part */
    public function byPart(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['part' => 'ASC', 'id' => 'ASC']);
    }

    public function firstSent(CaseFile $case): ?Custody
    {
        return $this->findOneBy(['case' => $case, 'what' => Whereabouts::Sent]);
    }
}
