<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\PhonePass;
use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<PhonePass> */
final class PhonePassRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PhonePass::class);
    }

    /** @return list<PhonePass> the newest first */
    public function newestFirst(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['id' => 'DESC']);
    }

    public function withToken(string $token): ?PhonePass
    {
        return $this->findOneBy(['tokenHash' => PhonePass::hash($token)]);
    }
}
