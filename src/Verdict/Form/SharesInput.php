<?php

declare(strict_types=1);

namespace App\Verdict\Form;

/** How a responsibility is divided, and on which links each share rests. */
final readonly class SharesInput
{
    public function __construct(
        public string $of = '',
        /** @var array<mixed> */
        public array $percent = [],
        /** @var array<mixed> */
        public array $links = [],
    ) {
    }
}
