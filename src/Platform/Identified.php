<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UuidType;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/** A key that sorts by time of making. */
trait Identified
{
    #[ORM\Id]
    #[ORM\Column(type: UuidType::NAME)]
    public Uuid $id;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
    public \DateTimeImmutable $madeAt;

    private function identify(): void
    {
        $this->id = new UuidV7();
        $this->madeAt = now();
    }
}
