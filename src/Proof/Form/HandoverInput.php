<?php

declare(strict_types=1);

namespace App\Proof\Form;

use App\Platform\Words;
use Japhrex\Core\Quantity\UnitSystem;

/** What the user is told as a unit goes out. */
final readonly class HandoverInput
{
    public string $check;

    public string $stop;

    public string $despite;

    public function __construct(
        public string $watch = '',
        string $check = '',
        string $stop = '',
        string $despite = '',
        public UnitSystem $units = UnitSystem::Metric,
    ) {
        $this->check = Words::of($check, 4000);
        $this->stop = Words::of($stop, 4000);
        $this->despite = Words::of($despite, 1000);
    }
}
