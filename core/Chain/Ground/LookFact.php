<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Damage\DebrisKind;

/** What a look at a part found, or found not to be there. */
final readonly class LookFact
{
    /**
     * @param ?string $surface null: the whole part
     * @param ?string $mode null, or grade 0: looked, not there
     * @param ?int $order happened as number, 1 is first
     * @param list<DebrisKind> $made what debris is of; empty: not told
     * @param bool $swept looked over with many others in one act, by eye
     */
    public function __construct(
        public string $part,
        public ?string $surface,
        public ?string $mode,
        public int $grade,
        public ?int $order = null,
        public array $made = [],
        public bool $swept = false,
    ) {
    }
}
