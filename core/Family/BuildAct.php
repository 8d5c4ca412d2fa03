<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A small thing that is done in the build, gets forgotten, and is signed for itself. */
final readonly class BuildAct
{
    /**
     * @param string $after the step whose parts are in when it is done; empty: before, or at the end
     * @param string $before the step before whose parts go in it is done
     * @param string $how it is done, and seen
     * @param string $leftOut what happens if it is left out
     * @param list<Laid> $laid what lies where, where several small parts look alike
     * @param string $figure that is worked out beside it; empty: none
     */
    public function __construct(
        public string $key,
        public ActKind $kind,
        public string $what,
        public string $how,
        public string $leftOut,
        public string $after = '',
        public string $before = '',
        public string $caution = '',
        public bool $two = false,
        public array $laid = [],
        public string $stage = '',
        public string $figure = '',
    ) {
    }
}
