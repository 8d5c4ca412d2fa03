<?php

declare(strict_types=1);

namespace App\Chain\Form;

use App\Platform\Words;

/** What a figure or a test says of a theory. */
final readonly class SettleInput
{
    public string $because;

    public function __construct(
        public string $stands = '',
        string $because = '',
    ) {
        $this->because = Words::of($because, 1000);
    }

    /** Null: it is open. */
    public function stands(): ?bool
    {
        return match ($this->stands) {
            'for' => true,
            'against' => false,
            default => null,
        };
    }
}
