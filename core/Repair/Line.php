<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Quantity\Money;

/** A line of an estimate, without tax: what it costs at least, and at most where something is not known yet. */
final readonly class Line
{
    public const KINDS = ['part', 'labour', 'machining', 'cleaning', 'other'];

    /**
     * @param string $kind one of KINDS
     * @param int $days until what it needs is here
     * @param float $hours of labour in it
     *
     * @throws LineError saying what is wrong and what would be right
     */
    public function __construct(
        public string $what,
        public string $kind,
        public Money $low,
        public Money $high,
        public int $days = 0,
        public float $hours = 0.0,
    ) {
        match (true) {
            '' === trim($what) => throw LineError::noName(),
            !\in_array($kind, self::KINDS, true) => throw LineError::kind($kind, implode(', ', self::KINDS)),
            $low->currency !== $high->currency => throw LineError::currencies($what),
            $low->minor > $high->minor => throw LineError::amountsCross($what, $low->format(), $high->format()),
            $days < 0 || $hours < 0.0 => throw LineError::belowNothing($what),
            default => null,
        };
    }
}
