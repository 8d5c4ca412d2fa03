<?php

declare(strict_types=1);

namespace App\Proof;

use App\Intake\CaseFile;
use App\Repair\OwnRecord;
use Doctrine\ORM\EntityManagerInterface;

/** Repairs that went out, and which of them came back: by the cases that name them as the earlier one. */
final readonly class WentOut implements OwnRecord
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function runs(string $family): array
    {
        /** @var list<array{gone: \DateTimeImmutable, back: \DateTimeImmutable|null}> $rows */
        $rows = $this->em->createQuery('SELECT h.goneAt AS gone, c.madeAt AS back FROM '.Handover::class.' h JOIN h.case o LEFT JOIN '.CaseFile::class.' c WITH c.comebackOf = o WHERE o.family = :family AND h.goneAt IS NOT NULL ORDER BY h.goneAt')->execute(['family' => $family]);
        $now = new \DateTimeImmutable();

        return array_map(static fn (array $row): array => ['days' => (($row['back'] ?? $now)->getTimestamp() - $row['gone']->getTimestamp()) / 86400, 'back' => null !== $row['back']], $rows);
    }
}
