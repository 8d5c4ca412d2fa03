<?php

declare(strict_types=1);

namespace App\Proof\Form;

use App\Platform\Words;

/** What was read and said at a step of the proof. */
final readonly class ProofInput
{
    public string $words;

    public string $stand;

    public function __construct(
        public string $outcome = '',
        /** @var array<mixed> */
        public array $read = [],
        /** @var array<mixed> */
        public array $speed = [],
        string $words = '',
        string $stand = '',
    ) {
        $this->words = Words::of($words, 2000);
        $this->stand = Words::of($stand, 80);
    }
}
