<?php

declare(strict_types=1);

namespace App\Memory\Life;

/** A group on Weibull paper, in pixels. */
final readonly class PaperLine
{
    /**
     * @param list<array{float, float}> $points its failures
     * @param string|null $path the fitted line, as in SVG; null: none is fitted
     */
    public function __construct(public array $points, public ?string $path)
    {
    }
}
