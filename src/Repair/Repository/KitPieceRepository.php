<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Repair\KitPiece;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<KitPiece> */
final class KitPieceRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, KitPiece::class);
    }

    /** @return array<string, list<KitPiece>> by the kit that they came in */
    public function byKit(CaseFile $case): array
    {
        $kits = [];
        foreach ($this->ofCase($case) as $one) {
            $kits[$one->kit][] = $one;
        }

        return $kits;
    }
}
