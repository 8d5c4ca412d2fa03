<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Chain\Repository\ChainLinkRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\CarrierKind;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** Cause → effect, by which mechanism and carrier, and why the analyst says so. */
#[ORM\Entity(repositoryClass: ChainLinkRepository::class)]
#[ORM\Table(name: 'chain_link')]
#[ORM\UniqueConstraint(columns: ['from_id', 'to_id'])]
class ChainLink implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    #[Assert\NotNull(message: 'Choose the cause.')]
    public ?ChainNode $from = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    #[Assert\NotNull(message: 'Choose the effect.')]
    public ?ChainNode $to = null;

    /** Key of a mechanism. */
    #[ORM\Column(length: 60)]
    #[Assert\NotBlank(message: 'How did the one bring about the other?')]
    public string $mechanism = '';

    /** Null: at the same place. */
    #[ORM\Column(length: 10, nullable: true, enumType: CarrierKind::class)]
    public ?CarrierKind $carrier = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 2000)]
    public string $why = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    /**
     * @param string $mechanism key
     * @param CarrierKind|null $carrier null: at the same place
     */
    public function tie(ChainNode $from, ChainNode $to, string $mechanism, ?CarrierKind $carrier, string $why): void
    {
        [$this->from, $this->to, $this->mechanism, $this->carrier, $this->why] = [$from, $to, $mechanism, $carrier, $why];
    }

    /** The same two joined anew: what is said now counts. */
    public function sayAs(self $other): void
    {
        [$this->mechanism, $this->carrier, $this->why] = [$other->mechanism, $other->carrier, $other->why];
    }

    #[Assert\Callback]
    public function joinsTwo(ExecutionContextInterface $context): void
    {
        if (null !== $this->from && $this->from === $this->to) {
            $context->buildViolation('A condition does not cause itself; choose another effect.')->atPath('to')->addViolation();
        }
    }

    public function auditName(): string
    {
        return \sprintf('Link %s → %s', $this->from->name ?? '?', $this->to->name ?? '?');
    }
}
