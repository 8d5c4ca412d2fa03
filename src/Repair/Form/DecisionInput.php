<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** What becomes of a part, why, and why although a limit speaks against it. */
final readonly class DecisionInput
{
    public string $reason;

    public string $despite;

    public string $hangsOn;

    public function __construct(
        public string $disposition = '',
        string $reason = '',
        string $despite = '',
        string $hangsOn = '',
    ) {
        $this->reason = Words::of($reason, 2000);
        $this->despite = Words::of($despite, 2000);
        $this->hangsOn = Words::of($hangsOn, 200);
    }
}
