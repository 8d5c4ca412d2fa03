<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** A way in which it can go on: its lines, and what is said of it. */
final readonly class OptionInput
{
    public string $life;

    public string $risk;

    public string $outside;

    public function __construct(
        /** @var array<mixed> */
        public array $lines = [],
        string $life = '',
        string $risk = '',
        string $outside = '',
    ) {
        $this->life = Words::of($life, 2000);
        $this->risk = Words::of($risk, 2000);
        $this->outside = Words::of($outside, 2000);
    }

    /** @return array<array<string>> */
    public function rows(): array
    {
        return array_map(
            static fn (mixed $row): array => array_map(
                static fn (mixed $cell): string => \is_string($cell) ? trim($cell) : '',
                (array) $row,
            ),
            $this->lines,
        );
    }
}
