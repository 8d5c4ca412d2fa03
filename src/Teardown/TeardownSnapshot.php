<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Doctrine\ORM\EntityManagerInterface;

final readonly class TeardownSnapshot implements SnapshotPart
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return ['steps' => Plain::all($this->em->getRepository(StepRecord::class)->findBy(['case' => $case], ['id' => 'ASC']))];
    }
}
