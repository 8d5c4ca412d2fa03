<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** A case came to a stage. */
final readonly class StageMove
{
    public function __construct(
        public string $to,
        public \DateTimeImmutable $at,
    ) {
    }
}
