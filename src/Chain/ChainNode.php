<?php

declare(strict_types=1);

namespace App\Chain;

use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Chain\Repository\ChainNodeRepository;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A condition that the analyst has put into the chain. */
#[ORM\Entity(repositoryClass: ChainNodeRepository::class)]
#[ORM\Table(name: 'chain_node')]
class ChainNode implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    #[ORM\Column(length: 160)]
    #[Assert\NotBlank(message: 'What is the condition? A few words: "hard particles in the oil".')]
    #[Assert\Length(max: 160)]
    public string $name = '';

    /** Part, or part/surface; null: it has no place. */
    #[ORM\Column(length: 125, nullable: true)]
    public ?string $place = null;

    #[ORM\Column(length: 20, nullable: true, enumType: OriginKind::class)]
    public ?OriginKind $origin = null;

    /** When it happened: 1 before 2; null: not known. */
    #[ORM\Column(name: 'step', type: 'smallint', nullable: true)]
    #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'The order is a number from 1 (first) to 99.')]
    public ?int $order = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'CASCADE')]
    public ?Finding $finding = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'CASCADE')]
    public ?Complaint $complaint = null;

    /** What an origin or a state rests on, where no finding stands for it. */
    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 2000)]
    public string $evidence = '';

    /** The condition of the engine's network that it means; null: it came from somebody's own words. */
    #[ORM\Column(length: 160, nullable: true)]
    public ?string $spot = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 12, enumType: NodeKind::class)]
        public NodeKind $kind,
    ) {
        $this->identify();
    }

    #[Assert\Callback]
    public function anOriginHasAKind(ExecutionContextInterface $context): void
    {
        if (NodeKind::Origin === $this->kind && null === $this->origin) {
            $context->buildViolation(
                'What kind of origin is it? A chain starts at something that somebody can change.'
            )->atPath('origin')->addViolation();
        }
    }

    public function auditName(): string
    {
        return 'Chain: '.$this->name;
    }

    /** @param string $name of the finding, as people say it */
    public function standFor(Finding $finding, string $name): void
    {
        [$this->finding, $this->place, $this->name] = [$finding, $finding->place(), mb_substr($name, 0, 160)];
    }

    /** The engine had only supposed it; now it rests on what was found. */
    public function restOn(Finding $finding): void
    {
        [$this->finding, $this->place, $this->evidence] = [$finding, $finding->place(), ''];
    }

    public function notFound(): void
    {
        $this->evidence = 'Proposed by the engine; looked for and not found.';
    }

    /** @param string $spot of the engine's network that it means */
    public function means(string $spot): void
    {
        $this->spot ??= $spot;
    }

    /** @param string|null $place part, or part/surface */
    public function describe(string $name, ?string $place, ?OriginKind $origin, ?int $order, string $evidence): void
    {
        [$this->name, $this->place, $this->origin] = [mb_substr($name, 0, 160), $place, $origin];
        [$this->order, $this->evidence] = [$order, $evidence];
    }

    public function pointTo(?Finding $finding, ?Complaint $complaint): void
    {
        [$this->finding, $this->complaint] = [$finding, $complaint];
    }

    /** @param string $name of the complaint, as people say it */
    public function standForComplaint(Complaint $complaint, string $name): void
    {
        [$this->complaint, $this->name] = [$complaint, $name];
    }
}
