<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** A reading was taken: on any of the fields, with a verdict, or of a size. */
final readonly class Read implements Condition
{
    /**
     * @param list<string> $fields none: any
     * @param string|null $verdict value of a LimitVerdict; null: whatever it is
     * @param float|null $from SI
     * @param float|null $to SI
     */
    public function __construct(
        public array $fields,
        public ?string $verdict,
        public ?float $from = null,
        public ?float $to = null,
        public bool $fromIsOut = false,
        public bool $toIsOut = false,
    ) {
    }
}
