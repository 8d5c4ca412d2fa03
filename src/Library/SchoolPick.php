<?php

declare(strict_types=1);

namespace App\Library;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Library\Repository\SchoolPickRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** Which side of a question between schools this shop takes or, with a case, which was used there. */
#[ORM\Entity(repositoryClass: SchoolPickRepository::class)]
#[ORM\Table(name: 'school_pick')]
#[ORM\UniqueConstraint(columns: ['family', 'choice', 'case_id'])]
class SchoolPick implements Undoable
{
    use DoneBy;
    use Identified;

    #[ORM\Column(length: 60)]
    public string $side = '';

    public function __construct(
        #[ORM\Column(length: 60)]
        public string $family,
        #[ORM\Column(length: 60)]
        public string $choice,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: true, onDelete: 'CASCADE')]
        public ?CaseFile $case = null,
    ) {
        $this->identify();
    }

    public function take(string $side, Actor $who): void
    {
        $this->side = $side;
        $this->doneBy($who);
    }

    public function auditCase(): ?Uuid
    {
        return $this->case?->id;
    }

    public function auditName(): string
    {
        return 'Choice '.$this->choice;
    }
}
