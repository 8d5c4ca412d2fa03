<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\StackPiece;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<StackPiece> */
final class StackPieceRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StackPiece::class);
    }

    /** @return list<StackPiece> as they came off */
    public function stackOf(CaseFile $case, string $part): array
    {
        $stack = array_values(array_filter($this->ofCase($case), static fn (StackPiece $one): bool => $one->part === $part));
        usort($stack, static fn (StackPiece $a, StackPiece $b): int => $a->nth <=> $b->nth);

        return $stack;
    }

    /** @return array<string, list<StackPiece>> by part */
    public function stacks(CaseFile $case): array
    {
        $stacks = [];
        foreach ($this->ofCase($case) as $one) {
            $stacks[$one->part] = $this->stackOf($case, $one->part);
        }

        return $stacks;
    }
}
