<?php

declare(strict_types=1);

namespace Japhrex\Core\Laboratory;

/** A value of a laboratory with what it is and says. */
final readonly class LabVerdict
{
    /**
     * @param string $says for a reader; empty where it is as it should be
     * @param string $speaks what it says of the fluid, as the engine knows it; empty: nothing
     */
    public function __construct(
        public Analyte $analyte,
        public string $typed,
        public LabState $state,
        public string $says,
        public string $speaks,
    ) {
    }
}
