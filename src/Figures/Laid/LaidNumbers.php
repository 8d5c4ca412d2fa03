<?php

declare(strict_types=1);

namespace App\Figures\Laid;

/** A number line in pixels. */
final readonly class LaidNumbers
{
    /**
     * @param list<Span> $spans
     * @param list<Mark> $marks
     */
    public function __construct(public array $spans, public array $marks)
    {
    }
}
