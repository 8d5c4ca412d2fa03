<?php

declare(strict_types=1);

namespace App\Figures;

/** How a size wore over its service, and how far it would go. */
final readonly class WearTrend
{
    /**
     * @param list<TrendPoint> $points earlier readings and this one, in words, the oldest first
     * @param list<Drawing> $pictures
     */
    public function __construct(public Asked $asked, public array $points, public array $pictures, public string $sentence)
    {
    }
}
