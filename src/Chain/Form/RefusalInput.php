<?php

declare(strict_types=1);

namespace App\Chain\Form;

use App\Platform\Words;

/** A link or an origin that it was not, and why. */
final readonly class RefusalInput
{
    public string $reason;

    public function __construct(
        public string $subject = '',
        string $reason = '',
    ) {
        $this->reason = Words::of($reason, 1000);
    }
}
