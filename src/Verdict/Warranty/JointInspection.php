<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Verdict\Repository\JointInspectionRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Both sides looked at the parts together: who was there, what both say, and what they do not. Added to, never changed. */
#[ORM\Entity(repositoryClass: JointInspectionRepository::class)]
#[ORM\Table(name: 'joint_inspection')]
class JointInspection implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)]
        public \DateTimeImmutable $day,
        /** Names, and for whom each was there. */
        #[ORM\Column(length: 400)]
        public string $present,
        #[ORM\Column(type: Types::TEXT)]
        public string $agreed,
        /** What each side says of what they do not agree on; empty: there is nothing. */
        #[ORM\Column(name: 'not_agreed', type: Types::TEXT)]
        public string $open,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Joint inspection of '.$this->day->format('j M Y');
    }
}
