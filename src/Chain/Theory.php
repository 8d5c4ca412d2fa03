<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Chain\Repository\TheoryRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What somebody thinks it was, in their words, and the condition that it means. */
#[ORM\Entity(repositoryClass: TheoryRepository::class)]
#[ORM\Table(name: 'theory')]
class Theory implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** Does a figure or a test speak for it (true) or against it (false)? Null: nobody says so. */
    #[ORM\Column(nullable: true)]
    public ?bool $stands = null;

    /** Which figure or test, and what it says. */
    #[ORM\Column(type: Types::TEXT)]
    public string $because = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(type: Types::TEXT)]
        public string $words,
        /** Id of an origin in the network of the case. */
        #[ORM\Column(length: 160)]
        public string $spot,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Theory: '.mb_substr($this->words, 0, 60);
    }

    /** A figure or a test has settled it. */
    public function settle(?bool $stands, string $because): void
    {
        [$this->stands, $this->because] = [$stands, $because];
    }
}
