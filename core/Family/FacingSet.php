<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Parts that are right together or wrong together: what each way of putting them in gives. */
final readonly class FacingSet
{
    /**
     * @param list<string> $parts keys
     * @param list<Position> $positions at least one that is right
     * @param string $after the step whose parts are in when it can be seen
     * @param string $see by what it is seen
     * @param Variant|null $for which units; null: all of them
     */
    public function __construct(
        public string $key,
        public string $what,
        public array $parts,
        public array $positions,
        public string $after = '',
        public string $see = '',
        public string $stage = '',
        public ?Variant $for = null,
    ) {
    }

    /** @param string $place in the list, from 0, as a form sends it; null: there is none of it */
    public function position(string $place): ?Position
    {
        return 1 === preg_match('/^\d{1,2}$/', $place) ? $this->positions[(int) $place] ?? null : null;
    }
}
