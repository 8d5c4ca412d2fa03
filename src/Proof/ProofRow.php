<?php

declare(strict_types=1);

namespace App\Proof;

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
}
