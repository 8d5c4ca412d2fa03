<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<PartRecord> */
final class PartRecordRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PartRecord::class);
    }

    /** The record of a part; a new one where nothing is kept of it yet. */
    public function ofPart(CaseFile $case, string $part): PartRecord
    {
        return $this->findOneBy(['case' => $case, 'part' => $part]) ?? new PartRecord($case, $part);
    }

    /**
     * @param PartRecord|null $typed that counts as it is, kept or not
     *
     * @return array<string, string> part => duty of its stage; empty: that of the unit
     */
    public function duties(CaseFile $case, ?PartRecord $typed = null): array
    {
        $duties = [];
        foreach ([...$this->ofCase($case), ...array_filter([$typed])] as $record) {
            $duties[$record->part] = $record->duty;
        }

        return $duties;
    }

    /** @return list<PartRecord> by the name of the part */
    public function byPart(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['part' => 'ASC']);
    }
}
