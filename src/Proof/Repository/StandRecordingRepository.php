<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Intake\Repository\ReadAlone;
use App\Proof\StandRecording;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<StandRecording> */
final class StandRecordingRepository extends OfCaseRepository implements ReadAlone
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StandRecording::class);
    }

    /** @return list<StandRecording> */
    public function newestFirst(CaseFile $case, int $most): array
    {
        return $this->found->once(
            $most.' recordings', $case, fn (): array => $this->findBy(['case' => $case], ['id' => 'DESC'], $most),
        );
    }
}
