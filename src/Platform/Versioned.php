<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\ORM\Mapping as ORM;

/** Something that two people may edit at the same time. */
trait Versioned
{
    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    public int $version = 1;
}
