<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Chain\Repository\RefusalRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Something that the engine proposed and somebody refused: a link that did not happen here, or an origin that it was not. */
#[ORM\Entity(repositoryClass: RefusalRepository::class)]
#[ORM\Table(name: 'chain_refusal')]
#[ORM\UniqueConstraint(columns: ['case_id', 'subject'])]
class Refusal implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of a tie, or id of an origin, in the network of the case. */
        #[ORM\Column(length: 400)]
        public string $subject,
        /** What it said, in words. */
        #[ORM\Column(length: 400)]
        public string $name,
        #[ORM\Column(type: Types::TEXT)]
        public string $reason,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function isOfALink(): bool
    {
        return str_contains($this->subject, '>');
    }

    public function auditName(): string
    {
        return 'Refused: '.mb_substr($this->name, 0, 180);
    }
}
