<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Teardown\Form\OpeningInput;
use App\Teardown\Repository\OpeningRepository;
use Doctrine\ORM\Mapping as ORM;

/** What was done and known before the unit was opened. Entries are added, never changed; the last counts. */
#[ORM\Entity(repositoryClass: OpeningRepository::class)]
#[ORM\Table(name: 'opening')]
#[ORM\Index(columns: ['case_id'])]
class Opening implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** @var list<string> what was done, of those that are asked for */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public readonly array $ticked;

    /** Why something was not done, and what was in its place. */
    #[ORM\Column(length: 500)]
    public readonly string $instead;

    #[ORM\Column(length: 200)]
    public readonly string $liquid;

    #[ORM\Column(length: 500)]
    public readonly string $precautions;

    /** The maker's manual with its revision. */
    #[ORM\Column(length: 200)]
    public readonly string $manual;

    /** The section of it that was gone by. */
    #[ORM\Column(length: 120)]
    public readonly string $section;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        OpeningInput $said,
        Actor $who,
    ) {
        [$this->ticked, $this->instead, $this->liquid] = [$said->ticked, $said->instead, $said->liquid];
        [$this->precautions, $this->manual, $this->section] = [$said->precautions, $said->manual, $said->section];
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Before it was opened';
    }
}
