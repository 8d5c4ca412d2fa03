<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/** One way in which sizes at several places meet. */
final readonly class Meeting
{
    /**
     * @param string $place where; empty: at no place of its own
     * @param Sources $sources the sizes there
     */
    public function __construct(public string $place, public Sources $sources)
    {
    }
}
