<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Symfony\Component\Uid\Uuid;

/** A step in the life of a claim. Steps are added, never changed. */
#[ORM\Entity]
#[ORM\Table(name: 'claim_move')]
class ClaimMove implements Audited
{
    use DoneBy;
    use Identified;

    #[ORM\Column(length: 16, enumType: ClaimState::class)]
    public ClaimState $state;

    #[ORM\Column(type: Types::DATE_IMMUTABLE)]
    public \DateTimeImmutable $day;

    #[ORM\Column(type: 'text')]
    public string $words;

    /** As written, such as 640.00 EUR; empty: none. */
    #[ORM\Column(length: 40)]
    public string $amount;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'moves')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Claim $claim,
        ClaimStep $step,
        Actor $who,
        /** The papers as they were sent. */
        #[ORM\ManyToOne]
        public ?ClaimPapers $papers = null,
    ) {
        $this->doneBy($who);
        $this->identify();
        [$this->state, $this->day, $this->words, $this->amount] = [$step->state, $step->day, $step->words, $step->amount?->format() ?? ''];
        $claim->moves->add($this);
    }

    public function step(): ClaimStep
    {
        return new ClaimStep($this->state, $this->day, $this->words, '' === $this->amount ? null : Money::parse($this->amount));
    }

    public function auditCase(): Uuid
    {
        return $this->claim->case->id;
    }

    public function auditName(): string
    {
        return 'Claim '.$this->claim->ordinal;
    }
}
