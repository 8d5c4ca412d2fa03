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

    /** What the repair took, and what was charged. */
    public string $took;

    public string $charged;

    public function __construct(
        public string $watch = '',
        string $check = '',
        string $stop = '',
        string $despite = '',
        public UnitSystem $units = UnitSystem::Metric,
        string $took = '',
        string $charged = '',
    ) {
        $this->check = Words::of($check, 4000);
        $this->stop = Words::of($stop, 4000);
        $this->despite = Words::of($despite, 1000);
        [$this->took, $this->charged] = [Words::of($took, 40), Words::of($charged, 40)];
    }
}
