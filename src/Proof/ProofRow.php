<?php

declare(strict_types=1);

namespace App\Proof;

use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\Soak;

/** A step of the proof with what was written of it. */
final readonly class ProofRow
{
    /**
     * @param list<ProofRecord> $records the first first
     * @param string $outcome of the last entry; empty: none yet
     */
    public function __construct(public ProofItem $item, public array $records, public string $outcome, public ?Soak $soak)
    {
    }

    /** Is it passed, or a guard that somebody knowingly refused? */
    public function isAnswered(): bool
    {
        return \in_array($this->outcome, [ProofEntry::PASSED, ProofEntry::REFUSED], true);
    }

    /** Is something still read in it under conditions that a recording can tell? */
    public function asksAStand(): bool
    {
        return ProofEntry::PASSED !== $this->outcome
            && [] !== array_filter($this->item->reads, static fn (ProofRead $read): bool => [] !== $read->at);
    }
}
