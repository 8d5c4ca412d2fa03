<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Laboratory\Form\OrderInput;
use App\Laboratory\Repository\LabOrderRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A sample or a part that was sent to be looked into, with what came back and where what is left of it lies. */
#[ORM\Entity(repositoryClass: LabOrderRepository::class)]
#[ORM\Table(name: 'lab_order')]
class LabOrder implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    #[ORM\Column(length: 10, enumType: LabKind::class)]
    public LabKind $kind;

    /** Key of the book's part; empty: of what was in the unit. */
    #[ORM\Column(length: 60)]
    public string $part;

    /** What it is, with its label: "bottle 1, drained hot from the pan". */
    #[ORM\Column(length: 200)]
    public string $sample;

    /** Who took it, and when. */
    #[ORM\Column(length: 120)]
    public string $taken;

    #[ORM\Column(length: 120)]
    public string $laboratory;

    /** By whom, with which consignment. */
    #[ORM\Column(length: 200)]
    public string $sent;

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $dueOn;

    #[ORM\Column(length: 80, options: ['default' => ''])]
    public string $reportNumber = '';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $answeredOn = null;

    /** @var array<string, string> by key of what was read, or as the laboratory calls it */
    #[ORM\Column(name: 'read_values', type: 'json', options: ['jsonb' => true, 'default' => '{}'])]
    public array $values = [];

    /** @var array<string, string> the fresh fluid's, or what is wanted, by key */
    #[ORM\Column(name: 'fresh_values', type: 'json', options: ['jsonb' => true, 'default' => '{}'])]
    public array $new = [];

    /** What they say in words: the structure of the section, how the face broke. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    public string $says = '';

    /** Where what is left of it lies; empty: nothing is left, or nobody has said. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    public string $rest = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        OrderInput $typed,
        Actor $who,
    ) {
        $this->kind = $typed->kind;
        [$this->part, $this->sample, $this->taken] = [$typed->kind->isOfAPart() ? $typed->part : '', $typed->sample, $typed->taken];
        [$this->laboratory, $this->sent, $this->dueOn] = [$typed->laboratory, $typed->sent, $typed->due()];
        $this->doneBy($who);
        $this->identify();
    }

    /**
     * @param array<string, string> $values
     * @param array<string, string> $new
     */
    public function answered(\DateTimeImmutable $on, string $reportNumber, array $values, array $new, string $says, string $rest): void
    {
        [$this->answeredOn, $this->reportNumber, $this->says, $this->rest] = [$on, $reportNumber, $says, $rest];
        [$this->values, $this->new] = [$values, $new];
    }

    public function isAnswered(): bool
    {
        return null !== $this->answeredOn;
    }

    public function isLate(\DateTimeImmutable $today): bool
    {
        return null === $this->answeredOn && null !== $this->dueOn && $this->dueOn->format('Y-m-d') < $today->format('Y-m-d');
    }

    public function auditName(): string
    {
        return 'Laboratory, '.$this->sample;
    }
}
