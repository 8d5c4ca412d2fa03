<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

use Japhrex\Core\Family\CarrierKind;

/** Cause → effect, with the way the harm took. No carrier: it happened at the same place. */
final readonly class Link
{
    public function __construct(
        public string $id,
        public string $from,
        public string $to,
        public string $mechanism,
        public ?CarrierKind $carrier,
    ) {
    }
}
