<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Repository\WatchTickRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A known weak place that was ticked by hand, as it was done before what was found answered it. None is added. */
#[ORM\Entity(repositoryClass: WatchTickRepository::class)]
#[ORM\Table(name: 'watch_tick')]
#[ORM\UniqueConstraint(columns: ['case_id', 'watch'])]
class WatchTick implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    #[ORM\Column(length: 10, enumType: WatchState::class)]
    public WatchState $state = WatchState::Clean;

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
