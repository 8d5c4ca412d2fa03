<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** A reading as it is typed: a text for each place of the field, or one for all of it. */
final readonly class ReadingInput
{
    public string $zero;

    public string $note;

    public function __construct(
        /** @var array<mixed> */
        public array $at = [],
        public string $readings = '',
        public string $gauge = '',
        public string $seen = '',
        string $zero = '',
        string $note = '',
    ) {
        $this->zero = Words::of($zero, 400);
        $this->note = Words::of($note, 400);
    }

    /** @return non-empty-list<string> */
    public function texts(): array
    {
        $texts = array_map(static fn (mixed $text): string => \is_string($text) ? $text : '', array_values($this->at));

        return [] === $texts ? [$this->readings] : $texts;
    }
}
