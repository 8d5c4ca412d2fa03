<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Platform\Identified;
use App\Proof\Repository\LiveLotRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Proof\DrawnPoint;

/** Rows as they came from the stand, and the points that they add to the trace. */
#[ORM\Entity(repositoryClass: LiveLotRepository::class)]
#[ORM\Table(name: 'live_lot')]
#[ORM\UniqueConstraint(columns: ['run_id', 'number'])]
class LiveLot
{
    use Identified;

    /** @param list<DrawnPoint> $points as they come; read back they are plain: LiveLotRepository::points */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public LiveRun $run,
        /** The first is 1. */
        #[ORM\Column]
        public int $number,
        #[ORM\Column(type: 'text')]
        public string $lines,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $points,
    ) {
        $this->identify();
    }
}
