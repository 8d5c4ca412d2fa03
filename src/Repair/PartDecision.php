<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Decided;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Repair\Repository\PartDecisionRepository;
use Doctrine\ORM\Mapping as ORM;

/** What becomes of a part, decided for the repair after the case was signed. The last of a part counts; none is changed. */
#[ORM\Entity(repositoryClass: PartDecisionRepository::class)]
#[ORM\Table(name: 'part_decision')]
class PartDecision implements Undoable
{
    use Decided;
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Decision for the repair of '.$this->part;
    }
}
