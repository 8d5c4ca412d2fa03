<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Measuring\Repository\ZeroCheckRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Measuring\Gauging;
use Symfony\Component\Uid\Uuid;

/** What a gauge showed on its zero. It holds for two hours: warmth, a knock and a worn battery move it. */
#[ORM\Entity(repositoryClass: ZeroCheckRepository::class)]
#[ORM\Table(name: 'zero_check')]
#[ORM\Index(columns: ['gauge_id', 'made_at'])]
class ZeroCheck implements Audited
{
    use DoneBy;
    use Identified;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Gauge $gauge,
        /** As typed, with its unit. */
        #[ORM\Column(length: 40)]
        public string $typed,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function until(): \DateTimeImmutable
    {
        return $this->madeAt->modify('+'.Gauging::ZERO_HOLDS.' seconds');
    }

    public function holds(\DateTimeImmutable $at): bool
    {
        return $at < $this->until();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Zero check of '.$this->gauge->name;
    }
}
