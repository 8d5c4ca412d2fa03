<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A complaint, and when it shows. */
final readonly class ComplaintFact
{
    /**
     * @param ?bool $hot only when hot, or only when cold
     * @param ?bool $fast only at speed, or only at idle
     * @param ?bool $loaded only under load, or only without
     */
    public function __construct(
        public string $key,
        public ?bool $sudden = null,
        public ?bool $hot = null,
        public ?bool $fast = null,
        public ?bool $loaded = null,
    ) {
    }
}
