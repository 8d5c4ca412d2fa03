<?php

declare(strict_types=1);

namespace App\Identity;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Identity\Repository\InquiryRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** What was asked of somebody about a unit that nobody knows, and what they said. */
#[ORM\Entity(repositoryClass: InquiryRepository::class)]
#[ORM\Table(name: 'inquiry')]
class Inquiry implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** Empty while they have not answered. */
    #[ORM\Column(length: 400, options: ['default' => ''])]
    public string $answer = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 120)]
        public string $ofWhom,
        #[ORM\Column(length: 300)]
        public string $asked,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function answered(string $answer): void
    {
        $this->answer = $answer;
    }

    public function auditName(): string
    {
        return 'Asked of '.$this->ofWhom;
    }
}
