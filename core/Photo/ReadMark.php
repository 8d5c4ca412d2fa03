<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

use Japhrex\Core\Damage\MarkShape;

/** A mark as an annotation from elsewhere has it. */
final readonly class ReadMark
{
    /**
     * @param list<array{float, float}> $points shares of width and height
     */
    public function __construct(
        public MarkShape $shape,
        public array $points,
        public ?string $mode,
        public int $grade,
        public string $note,
    ) {
    }
}
