<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Claims\Repository\ClaimRepository;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Symfony\Component\Validator\Constraints as Assert;

/** A claim against whoever carries a warranty. What was sent stays as it was sent: its life is added to, its papers are kept. */
#[ORM\Entity(repositoryClass: ClaimRepository::class)]
#[ORM\Table(name: 'claim')]
#[ORM\UniqueConstraint(columns: ['case_id', 'nr'])]
class Claim implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    /** To whom: name and address. */
    #[ORM\Column(type: 'text')]
    #[Assert\NotBlank(message: 'To whom does it go? Name and address.')]
    #[Assert\Length(max: 600)]
    public string $addressee = '';

    /** The number under which they know it. */
    #[ORM\Column(length: 80)]
    #[Assert\Length(max: 80)]
    public string $theirReference = '';

    #[ORM\Column(type: 'text')]
    #[Assert\NotBlank(message: 'What failed, why, and what is asked for: a few lines that stand alone.')]
    #[Assert\Length(max: 8000)]
    public string $statement = '';

    /** @var array<string, string> what it cost, as typed: parts, labour, freight, consequential => amount */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $costs = [];

    /** @var array<string, string> clause => how it is answered, beside what the case says */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $answers = [];

    /** The day by which whoever has to answer should have. */
    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $answerBy = null;

    /** @var Collection<int, ClaimMove> */
    #[ORM\OneToMany(mappedBy: 'claim', targetEntity: ClaimMove::class, cascade: ['persist'])]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $moves;

    /** The complaint that it is about, where that has an origin of its own; null: it is about what the verdict answers to all. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Complaint $complaint = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Counted within the case from 1. */
        #[ORM\Column(name: 'nr', type: 'smallint')]
        public int $ordinal,
        /** Key of the policy. */
        #[ORM\Column(length: 60)]
        public string $policy,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        $this->moves = new ArrayCollection();
    }

    public function number(): string
    {
        return self::numbered($this->case->number, $this->ordinal);
    }

    public static function numbered(string $case, int $ordinal): string
    {
        return $case.'-C'.$ordinal;
    }

    public function state(): ClaimState
    {
        $last = $this->moves->last();

        return false === $last ? ClaimState::Drafted : $last->state;
    }

    /** What was sent is not rewritten; what they asked back, or refused, may be answered better. */
    public function mayBeWritten(): bool
    {
        return \in_array(ClaimState::Sent, $this->state()->next(), true);
    }

    /** @return list<ClaimStep> */
    public function steps(): array
    {
        return array_values(array_map(static fn (ClaimMove $move): ClaimStep => $move->step(), $this->moves->getValues()));
    }

    /** @param Complaint|null $complaint that has an origin of its own; null: it is about what the verdict answers to all */
    public function concern(?Complaint $complaint): void
    {
        $this->complaint = $complaint;
    }

    public function say(string $addressee, string $statement): void
    {
        [$this->addressee, $this->statement] = [$addressee, $statement];
    }

    /** @param \DateTimeImmutable|null $answerBy the day by which they should have answered; null: none was given */
    public function awaits(?\DateTimeImmutable $answerBy): void
    {
        $this->answerBy = $answerBy;
    }

    public function auditName(): string
    {
        return 'Claim '.$this->ordinal;
    }
}
