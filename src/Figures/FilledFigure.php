<?php

declare(strict_types=1);

namespace App\Figures;

/** What a figure of a case is filled with. */
final readonly class FilledFigure
{
    /**
     * @param array<string, string> $typed by key
     * @param array<string, string> $from by key, where each is from
     */
    public function __construct(public array $typed, public array $from)
    {
    }
}
