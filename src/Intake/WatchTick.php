<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Audited;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A known weak place of the family, looked at in a case. */
#[ORM\Entity]
#[ORM\Table(name: 'watch_tick')]
#[ORM\UniqueConstraint(columns: ['case_id', 'watch'])]
class WatchTick implements Audited
{
    use Identified;
    use OfACase;

    #[ORM\Column(length: 10, enumType: WatchState::class)]
    public WatchState $state = WatchState::Clean;

    #[ORM\Column(length: 80)]
    public string $byWhom = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of the watch list of the family's book. */
        #[ORM\Column(length: 60)]
        public string $watch,
    ) {
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Watch list '.$this->watch;
    }
}
