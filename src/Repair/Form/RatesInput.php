<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** The shop's rates, as typed. */
final readonly class RatesInput
{
    public string $hour;

    public string $tax;

    public string $hoursADay;

    public function __construct(
        public string $back = '',
        string $hour = '',
        string $tax = '',
        string $hoursADay = '',
    ) {
        $this->hour = Words::of($hour, 40);
        $this->tax = Words::of($tax, 20);
        $this->hoursADay = Words::of($hoursADay, 20);
    }
}
