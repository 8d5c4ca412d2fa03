<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** What is known of a size at one place; the place is empty where a size is read at one spot only. */
final readonly class PlaceSize
{
    /** What a place is called whose name nobody told. */
    public const NOT_TOLD = 'place not told';

    public function __construct(public string $place, public Size $size)
    {
    }
}
