<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use App\Intake\EarlierCases;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\Disposition;

/** Parts that went back in for one more run the last time this serial was here: they ask for themselves again. */
final readonly class CarriedDecisions
{
    public function __construct(private EntityManagerInterface $em, private EarlierCases $earlier)
    {
    }

    /** @return array<string, PartRecord> by part; only where the last decision on the part was one more run */
    public function of(CaseFile $case): array
    {
        $last = [];
        foreach ($this->earlier->of($case->serial, $case) as $before) {
            foreach ($this->em->getRepository(PartRecord::class)->findBy(['case' => $before]) as $record) {
                if (null !== $record->disposition) {
                    $last[$record->part] ??= $record;
                }
            }
        }

        return array_filter($last, static fn (PartRecord $record): bool => Disposition::OneMoreRun === $record->disposition);
    }
}
