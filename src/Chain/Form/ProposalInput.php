<?php

declare(strict_types=1);

namespace App\Chain\Form;

/** What of the engine is taken: one link, or the whole story of an origin. */
final readonly class ProposalInput
{
    public function __construct(
        public string $link = '',
        public string $origin = '',
    ) {
    }
}
