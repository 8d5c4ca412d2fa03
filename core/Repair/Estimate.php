<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;

/** What an option costs, with tax, and how long it takes. */
final readonly class Estimate
{
    /**
     * @param list<Line> $lines
     * @param int $days until the unit is ready: parts on their way, then the work
     */
    private function __construct(
        public array $lines,
        public Money $low,
        public Money $high,
        public Money $taxLow,
        public Money $taxHigh,
        public float $hours,
        public int $days,
    ) {
    }

    /**
     * Tax is worked out once, of the whole.
     *
     * @param list<Line> $lines in one currency
     * @param string $currency where there is no line
     * @param int $tax in hundredths of a percent
     * @param float $hoursADay that somebody works on it
     *
     * @throws MoneyError if the currencies differ
     */
    public static function of(array $lines, string $currency, int $tax, float $hoursADay): self
    {
        $low = $high = Money::ofMinor(0, $lines[0]->low->currency ?? $currency);
        $hours = 0.0;
        $days = 0;
        foreach ($lines as $line) {
            $low = $low->plus($line->low);
            $high = $high->plus($line->high);
            $hours += $line->hours;
            $days = max($days, $line->days);
        }

        return new self(
            $lines,
            $low,
            $high,
            $low->ofTenThousand($tax),
            $high->ofTenThousand($tax),
            $hours,
            $days + (int) ceil($hours / $hoursADay - 1e-9),
        );
    }

    public function grossLow(): Money
    {
        return $this->low->plus($this->taxLow);
    }

    public function grossHigh(): Money
    {
        return $this->high->plus($this->taxHigh);
    }
}
