<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Intake\Complaint;

/** Complaints that one answer explains. */
final readonly class Explained
{
    /**
     * @param list<Complaint> $complaints none: the case has none yet
     * @param bool $isAll is there no other answer in the verdict?
     */
    public function __construct(public Verdict|OwnAnswer $by, public array $complaints, private bool $isAll)
    {
    }

    /** @return list<Complaint>|null what of the chain belongs to it; null: all of it */
    public function about(): ?array
    {
        return $this->isAll ? null : $this->complaints;
    }

    /** Are all of them no failures: not to be repeated, or normal? Then there is no origin to be found. */
    public function isNoFailure(): bool
    {
        return [] !== $this->complaints
            && [] === array_filter($this->complaints, static fn (Complaint $one): bool => null === $one->ends);
    }

    /** What was found, in words; null: nothing yet. */
    public function found(): ?string
    {
        $ends = array_unique(array_map(static fn (Complaint $one): string => $one->ends?->label() ?? '', $this->complaints));

        return $this->by->found() ?? ($this->isNoFailure() ? ucfirst(implode('; ', $ends)) : null);
    }

    public function answers(?Complaint $complaint): bool
    {
        return null !== $complaint && \in_array($complaint, $this->complaints, true);
    }

    /** The complaint by which an answer of its own is found; null: it is the verdict's. */
    public function own(): ?Complaint
    {
        return $this->by instanceof OwnAnswer ? $this->by->complaint : null;
    }
}
