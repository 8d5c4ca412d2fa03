<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Figure\Fill\Fill;

/** How a family's displacement follows from what can be measured inside, and what a difference from the plate asks. */
final readonly class Displacement
{
    /**
     * @param Fill $fill its references are features: `{seen:piston-diameter}`
     * @param string $larger what to look for where the parts move more than the plate says
     * @param string $smaller what to look for where they move less
     */
    public function __construct(public Fill $fill, public string $larger, public string $smaller)
    {
    }
}
