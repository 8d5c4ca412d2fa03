<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Through which gaps a family leaks and what its circuit asks for: what the complaint check is filled with. */
final readonly class LeakModel
{
    /**
     * @param array<string, string> $facts keys of `complaint-check` save the paths, as typed
     * @param list<LeakRoute> $routes
     * @param list<string> $explains complaints (keys) that leaking could explain at all
     * @param list<string> $beside parts that seal as well, and whose wear none of the routes counts
     */
    public function __construct(public array $facts, public array $routes, public array $explains, public array $beside = [])
    {
    }
}
