<?php

declare(strict_types=1);

namespace App\Memory\Batch;

use App\Repair\Fitted\FittedPart;

/** A unit into which a part of a batch went. */
final readonly class BatchUnit
{
    /**
     * @param string $part as its book calls it
     * @param bool $wentOut has it gone out of the shop?
     * @param string|null $again number of the case in which it came in once more; null: it did not
     */
    public function __construct(public FittedPart $fitted, public string $part, private bool $wentOut, public ?string $again)
    {
    }

    /** Is it out there with that part? Of one that came in again nobody knows by this alone which part it has now. */
    public function isOutThere(): bool
    {
        return $this->wentOut && null === $this->again;
    }
}
