<?php

declare(strict_types=1);

namespace App\Claims\Form;

/** By which policy a claim is made, and about which complaint where that has an origin of its own. */
final readonly class DraftInput
{
    public function __construct(
        public string $policy = '',
        public string $complaint = '',
    ) {
    }
}
