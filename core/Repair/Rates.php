<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Quantity\BareNumber;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;

/** What the shop reckons with. */
final readonly class Rates
{
    /**
     * @param Money $hour a bench hour, without tax
     * @param int $tax in hundredths of a percent, such as 1900
     * @param float $hoursADay that somebody works on one unit
     * @param float $stack hours to set one clearance anew when its parts have changed
     * @param float $clean hours to clean one place that debris reached
     */
    public function __construct(
        public Money $hour,
        public int $tax,
        public float $hoursADay = 6.0,
        public float $stack = 0.25,
        public float $clean = 0.25,
    ) {
        if ($hour->minor <= 0 || $tax < 0 || $tax > 5000 || $hoursADay <= 0.0 || $hoursADay > 24.0 || $stack < 0.0 || $clean < 0.0) {
            throw RatesError::outside();
        }
    }

    /**
     * @param string $hour such as `64.00 EUR`, or `64` in the currency of the shop
     * @param string $tax in per cent, such as `19` or `7.7 %`; at most two digits behind the point
     * @param string $hoursADay such as `6` or `7,5`
     * @param string|null $where the currency of the shop
     *
     * @throws RatesError if tax or hours cannot be read, or are outside of what can be
     * @throws MoneyError if the hour cannot be read
     */
    public static function typed(string $hour, string $tax, string $hoursADay, ?string $where = null): self
    {
        if (
            1 !== preg_match('/^(\d{1,2})(?:[.,](\d{1,2}))?\s*%?$/', $tax, $is)
                || null === BareNumber::of($day = strtr($hoursADay, ',', '.'))
        ) {
            throw RatesError::expected();
        }

        return new self(Money::parse($hour, $where), (int) $is[1] * 100 + (int) str_pad($is[2] ?? '', 2, '0'), (float) $day);
    }

    public function labour(float $hours): Money
    {
        return $this->hour->ofTenThousand((int) round($hours * 10000));
    }
}
