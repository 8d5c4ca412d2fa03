<?php

declare(strict_types=1);

namespace App\Intake;

/** Something that stands otherwise than the book says, on purpose. */
final readonly class Meant
{
    /** @param list<string> $parts of the book that it is about */
    public function __construct(
        public array $parts,
        public string $what,
        public string $why,
        public string $number,
        public string $who,
        public \DateTimeImmutable $at,
    ) {
    }
}
