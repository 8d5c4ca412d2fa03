<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** What a mark says. */
final readonly class SaidOfMark
{
    /**
     * @param string $at time, as ISO 8601 has it
     */
    public function __construct(
        public ?string $mode,
        public int $grade,
        public string $note,
        public string $by,
        public string $at,
    ) {
    }
}
