<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Chain\Repository\CleaningRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A place that debris reached, and that somebody has dealt with since. */
#[ORM\Entity(repositoryClass: CleaningRepository::class)]
#[ORM\Table(name: 'chain_cleaning')]
#[ORM\UniqueConstraint(columns: ['case_id', 'part'])]
class Cleaning implements Undoable
{
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
        return 'Debris dealt with: '.$this->part;
    }
}
