<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\Moment;
use Symfony\Component\Validator\Constraints as Assert;

/** One thing that is wrong with the unit, as the customer says it and as the shop asks it. */
#[ORM\Entity]
#[ORM\Table(name: 'complaint')]
class Complaint implements Undoable
{
    use Identified;
    use OfACase;
    use Versioned;

    /** Key of the complaint in the family's book. */
    #[ORM\Column(length: 60)]
    #[Assert\NotBlank(message: 'What fails? Pick what comes nearest; the words go below.')]
    public string $what = '';

    #[ORM\Column(length: 10, nullable: true, enumType: Warmth::class)]
    public ?Warmth $warmth = null;

    #[ORM\Column(length: 40)]
    #[Assert\Length(max: 40)]
    #[IsQuantity('time')]
    public string $after = '';

    #[ORM\Column(length: 10, nullable: true, enumType: AtSpeed::class)]
    public ?AtSpeed $atSpeed = null;

    #[ORM\Column(length: 10, nullable: true, enumType: UnderLoad::class)]
    public ?UnderLoad $underLoad = null;

    #[ORM\Column(length: 10, nullable: true, enumType: Extent::class)]
    public ?Extent $extent = null;

    #[ORM\Column(length: 10, nullable: true, enumType: Ground::class)]
    public ?Ground $ground = null;

    #[ORM\Column(length: 10, nullable: true, enumType: Moment::class)]
    public ?Moment $moment = null;

    /** In which range, gear, direction or function. */
    #[ORM\Column(length: 120, options: ['default' => ''])]
    #[Assert\Length(max: 120)]
    public string $which = '';

    /** What came with it. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200)]
    public string $alongWith = '';

    /** How its source was found before anything was ordered: guards off, dried, dusted, with a rod at the ear. */
    #[ORM\Column(length: 400, options: ['default' => ''])]
    #[Assert\Length(max: 400)]
    public string $located = '';

    #[ORM\Column(length: 10, nullable: true, enumType: Onset::class)]
    public ?Onset $onset = null;

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120)]
    public string $since = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $words = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $theory = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $tried = '';

    /** What was answered to the question that the book asks back. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    #[Assert\Length(max: 2000)]
    public string $answer = '';

    /** No failure: it could not be repeated, or it is normal; null: a chain explains it. */
    #[ORM\Column(length: 15, nullable: true, enumType: Ends::class)]
    public ?Ends $ends = null;

    #[ORM\Column(type: 'text', options: ['default' => ''])]
    #[Assert\Length(max: 2000)]
    public string $endsBecause = '';

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'complaints')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    #[Assert\IsTrue(message: 'On what does that rest? How was it tried, and what was found: it stands in the report.')]
    public function isEndGrounded(): bool
    {
        return null === $this->ends || '' !== trim($this->endsBecause);
    }

    /** The conditions in a line: "hot after 20 min, at working speed, loaded, creeping". */
    public function conditions(): string
    {
        return implode(', ', array_filter([
            implode(' after ', array_filter([$this->warmth?->label(), '' === $this->after ? null : $this->after])),
            $this->atSpeed?->label(),
            $this->underLoad?->label(),
            $this->extent?->label(),
            $this->which,
            $this->ground?->label(),
            $this->moment?->label(),
            $this->onset?->label(),
            '' === $this->since ? null : 'since '.$this->since,
            '' === $this->alongWith ? null : 'with '.$this->alongWith,
        ]));
    }

    public function auditName(): string
    {
        return 'Complaint '.$this->what;
    }
}
