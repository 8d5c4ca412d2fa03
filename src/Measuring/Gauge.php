<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\Method;

/** A measuring tool of the shop. */
#[ORM\Entity]
#[ORM\Table(name: 'gauge')]
class Gauge
{
    use Identified;

    public function __construct(
        #[ORM\Column(length: 80, unique: true)]
        public string $name,
        #[ORM\Column(length: 10, enumType: Method::class)]
        public Method $method,
        /** As typed, with its unit. */
        #[ORM\Column(length: 40)]
        public string $resolution,
        /** Expanded uncertainty U, k = 2, as typed; empty if not known. */
        #[ORM\Column(length: 40)]
        public string $expanded,
        #[ORM\Column(type: 'date_immutable', nullable: true)]
        public ?\DateTimeImmutable $calibratedOn,
    ) {
        $this->identify();
    }
}
