<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One way for oil to leak back. */
final readonly class LeakRoute
{
    /**
     * @param string $path as `paths` takes it, with `{gap}` where the gap stands
     * @param string $new the gap of a new unit
     * @param string $found where the gap as found comes from: an expression of readings
     */
    public function __construct(public string $name, public string $path, public string $new, public string $found)
    {
    }

    public function with(string $gap): string
    {
        return str_replace('{gap}', $gap, $this->path);
    }
}
