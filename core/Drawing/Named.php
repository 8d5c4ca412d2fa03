<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** Which surfaces of a part the sides of a solid are, by their keys in the book; empty: none. */
final readonly class Named
{
    /** @param string $flank of teeth, where their flanks are a surface other than their tips; empty: they are not */
    public function __construct(
        public string $front = '',
        public string $side = '',
        public string $bore = '',
        public string $floor = '',
        public string $flank = '',
    ) {
    }
}
