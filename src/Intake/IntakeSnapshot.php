<?php

declare(strict_types=1);

namespace App\Intake;

use App\Platform\Plain;
use Doctrine\ORM\EntityManagerInterface;

final readonly class IntakeSnapshot implements SnapshotPart
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return [
            // Where the case stands, and who has it, is no part of what is signed.
            'unit' => Plain::of($case, ['stage', 'signedAt', 'holder', 'serialKey', 'arrival']),
            'arrival' => null === $case->arrival ? null : Plain::of($case->arrival),
            'complaints' => Plain::all($case->complaints),
            'statements' => Plain::all($case->statements->filter(static fn (Statement $one): bool => !$one->afterwards), ['afterwards']),
            'watch-list' => Plain::all($this->em->getRepository(WatchTick::class)->findBy(['case' => $case], ['id' => 'ASC'])),
        ];
    }
}
