<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that somebody said about the unit. Kept as said; one that contradicts it stands beside it. */
#[ORM\Entity]
#[ORM\Table(name: 'statement')]
class Statement implements Undoable
{
    use Identified;
    use OfACase;

    #[ORM\Column(type: 'text')]
    #[Assert\NotBlank(message: 'What was said? As near to their words as you can.')]
    #[Assert\Length(max: 4000)]
    public string $words = '';

    #[ORM\Column(length: 120)]
    #[Assert\NotBlank(message: 'Who said it? A role is enough: driver, yard foreman, our bench 2.')]
    #[Assert\Length(max: 120)]
    public string $who = '';

    #[ORM\Column(length: 20, enumType: SourceKind::class)]
    public SourceKind $source = SourceKind::FirstHand;

    #[ORM\ManyToOne(targetEntity: self::class)]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?self $contradicts = null;

    /** What it says of the unit, as the engine weighs it: a key of the history or of the fluid; null: nothing that it weighs. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $means = null;

    /** They say that it was not so. */
    #[ORM\Column(options: ['default' => false])]
    public bool $meansNot = false;

    /** Said after the case was signed, as an answer to an offer: no part of what was signed. */
    #[ORM\Column(options: ['default' => false])]
    public bool $afterwards = false;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'statements')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    /** What somebody says by a link of ours; once the case is signed it was said afterwards. */
    public function toldBy(string $who, SourceKind $source, string $words): void
    {
        [$this->who, $this->source, $this->words, $this->afterwards] = [$who, $source, $words, $this->case->isSigned()];
    }

    /** Another wording of the same; the one before stays in the trail. */
    public function correct(string $who, string $words): void
    {
        [$this->who, $this->words] = [$who, $words];
    }

    public function auditName(): string
    {
        return 'Statement of '.$this->who;
    }
}
