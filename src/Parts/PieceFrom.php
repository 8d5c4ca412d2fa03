<?php

declare(strict_types=1);

namespace App\Parts;

use Japhrex\Core\Family\Part;

/** A part that a piece may have broken from, and what is known of it. */
final readonly class PieceFrom
{
    /**
     * @param list<string> $filters that the oil passes on its way from the part to where the piece lay
     * @param bool $isReached does oil lead from there to here at all?
     * @param int $rank the likelier, the lower: broken or short, not looked at, found whole
     */
    public function __construct(public Part $part, public string $says, public int $rank, public array $filters, public bool $isReached)
    {
    }
}
