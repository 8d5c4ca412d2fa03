<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Something that is set when the unit goes together: a clearance, a shim, a torque and its order. */
final readonly class BuildSetting
{
    /**
     * @param string $after the strip step whose parts are in when it is set; empty: at the end
     * @param string $reads the reading (`part/field`) that is taken with it, so that the stand can be compared with it; empty: none
     * @param bool $two do two people sign it?
     * @param bool $tab is what is tightened locked by a tab?
     */
    public function __construct(
        public string $what,
        public string $value,
        public string $how,
        public bool $sample,
        public string $after = '',
        public string $reads = '',
        public bool $two = false,
        public bool $tab = false,
    ) {
    }
}
