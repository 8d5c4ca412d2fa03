<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Measuring\Repository\LimitChoiceRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** Which of several sources of a limit an analyst chose for a case, and why. */
#[ORM\Entity(repositoryClass: LimitChoiceRepository::class)]
#[ORM\Table(name: 'limit_choice')]
#[ORM\UniqueConstraint(columns: ['case_id', 'part', 'field'])]
class LimitChoice implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    #[ORM\Column(length: 60)]
    public string $chosen = '';

    #[ORM\Column(length: 300)]
    public string $reason = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 60)]
        public string $field,
    ) {
        $this->identify();
    }

    public function choose(string $chosen, string $reason, Actor $who): void
    {
        [$this->chosen, $this->reason] = [$chosen, $reason];
        $this->doneBy($who);
    }

    public function auditName(): string
    {
        return 'Limit that counts for '.$this->field.' of '.$this->part;
    }
}
