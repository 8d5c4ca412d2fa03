<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use App\Measuring\BoundParts;
use Doctrine\ORM\EntityManagerInterface;

/** Decisions that a limit speaks against and that no analyst has given a reason for. */
final readonly class OpenDecisions
{
    public function __construct(private EntityManagerInterface $em, private BoundParts $bound)
    {
    }

    /** @return array<string, string> part => why its decision does not stand */
    public function of(CaseFile $case): array
    {
        $bound = $this->bound->of($case);
        $open = [];
        foreach ($this->em->getRepository(PartRecord::class)->findBy(['case' => $case]) as $record) {
            $open[$record->part] = isset($bound[$record->part]) ? $record->against($bound[$record->part]) : null;
        }

        return array_filter($open, static fn (?string $why): bool => null !== $why);
    }
}
