<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;

/** The answer to one complaint whose origin is another than the verdict's: a leak and a loss of output may have two causes. */
#[ORM\Entity]
#[ORM\Table(name: 'own_answer')]
#[ORM\UniqueConstraint(columns: ['verdict_id', 'complaint_id'])]
class OwnAnswer implements Undoable
{
    use Answer;
    use Identified;
    use OfACase;
    use Versioned;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false, onDelete: 'RESTRICT')]
    public CaseFile $case;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'own')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Verdict $verdict,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Complaint $complaint,
    ) {
        $this->identify();
        $this->case = $verdict->case;
    }

    /** The same answer in a revision. */
    public function in(Verdict $revision): self
    {
        $copy = new self($revision, $this->complaint);
        $copy->takeFrom($this);

        return $copy;
    }

    public function isEmpty(): bool
    {
        return null === $this->found() && null === $this->responsibility && '' === trim($this->statement);
    }

    public function auditName(): string
    {
        return \sprintf('Verdict, revision %d, complaint %s', $this->verdict->revision, $this->complaint->what);
    }
}
