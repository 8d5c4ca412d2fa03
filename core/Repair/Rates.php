<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Quantity\Money;

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

    public function labour(float $hours): Money
    {
        return $this->hour->ofTenThousand((int) round($hours * 10000));
    }
}
