<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use App\Teardown\Repository\StepRecordRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Teardown\FastenerCondition;
use Japhrex\Core\Teardown\StepState;

use function Symfony\Component\Clock\now;

use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What was entered for one strip step of a case. */
#[ORM\Entity(repositoryClass: StepRecordRepository::class)]
#[ORM\Table(name: 'step_record')]
#[ORM\UniqueConstraint(columns: ['case_id', 'step'])]
class StepRecord implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    #[ORM\Column(length: 10, enumType: StepState::class)]
    public StepState $state = StepState::Done;

    /** Why it was skipped, or what holds it. */
    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 2000)]
    public string $reason = '';

    /** Which way the parts faced, before they were lifted. */
    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 2000)]
    public string $facing = '';

    #[ORM\Column(length: 20, nullable: true, enumType: FastenerCondition::class)]
    public ?FastenerCondition $fasteners = null;

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120)]
    public string $fastenerNote = '';

    /** @var array<string, int> what => how many were counted out */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $counted = [];

    /** @var array<string, string> reading (`part/field`) of an adjuster => as found, before it was touched */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $adjusters = [];

    /** @var list<string> what was asked for before it came off and knowingly left out */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $leftOut = [];

    /** @var list<string> small parts that were searched for, not found and kept as a finding */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $searched = [];

    #[ORM\Column]
    public bool $marked = false;

    /** Marks of earlier hands, so that ours are told from them later. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200)]
    public string $olderMarks = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 2000)]
    public string $note = '';

    /** Time worked on it, for the labour count. */
    #[ORM\Column(type: 'smallint', nullable: true)]
    #[Assert\Range(min: 0, max: 1440, notInRangeMessage: 'Minutes are from 0 to 1440, a whole day.')]
    public ?int $minutes = null;

    /** The second person on a step: who learns, or who watches. */
    #[ORM\Column(length: 80)]
    #[Assert\Length(max: 80)]
    public string $withWhom = '';

    #[ORM\Column(type: 'datetimetz_immutable')]
    public \DateTimeImmutable $at;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $step,
    ) {
        $this->identify();
        $this->at = $this->madeAt;
    }

    #[Assert\Callback]
    public function needsAReason(ExecutionContextInterface $context): void
    {
        if (\in_array($this->state, [StepState::Skipped, StepState::Stuck], true) && '' === trim($this->reason)) {
            $context->buildViolation(
                StepState::Skipped === $this->state
                    ? 'Why is it skipped? The next one at the bench will ask.'
                    : 'What holds it? Say what was tried.'
            )->atPath('reason')->addViolation();
        }
    }

    public function auditName(): string
    {
        return 'Strip step '.$this->step;
    }

    /**
     * What is missing of the count was looked for.
     *
     * @param string $where it was found outside the unit, in a sentence; empty: it is still missing
     */
    public function searchedFor(string $what, string $where): void
    {
        $this->searched[] = $what;
        $this->note = mb_substr(trim($this->note.' '.$where), 0, 2000);
    }

    /** @param list<string> $leftOut what was asked for and left out knowingly */
    public function keep(array $leftOut, Actor $who): void
    {
        [$this->leftOut, $this->at] = [$leftOut, now()];
        $this->doneBy($who);
    }
}
