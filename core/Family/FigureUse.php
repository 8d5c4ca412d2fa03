<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\Fill\Fill;

/** A figure that is worth asking at a part, filled from its readings and the book. */
final readonly class FigureUse
{
    public function __construct(public string $title, public Fill $fill)
    {
    }
}
