<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A face of a part that is looked at by itself. */
final readonly class Surface
{
    /**
     * @param string $normal what ordinary running leaves on it, and how to tell it from damage
     * @param string $damage what is damage here
     * @param string $otherWay on a surface that speaks the other way round: what a look means here that means the opposite elsewhere
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $normal,
        public string $damage,
        public string $otherWay = '',
        public ?SurfaceKind $kind = null,
    ) {
    }
}
