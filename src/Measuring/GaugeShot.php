<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Measuring\Repository\GaugeShotRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** One value that a gauge sent, on its way to the field in hand of its bench. */
#[ORM\Entity(repositoryClass: GaugeShotRepository::class)]
#[ORM\Table(name: 'gauge_shot')]
#[ORM\Index(columns: ['made_at'])]
class GaugeShot
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Gauge $gauge,
        /** As sent, with its unit. */
        #[ORM\Column(length: 40)]
        public string $value,
        /** The gauge itself says that its battery is low. */
        #[ORM\Column]
        public bool $batteryLow,
    ) {
        $this->identify();
    }
}
