<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\Twins;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What a look at a part found: damage of a mode and grade, nothing, normal running, our own mark, an old scar. */
#[ORM\Entity(repositoryClass: FindingRepository::class)]
#[ORM\Table(name: 'finding')]
#[ORM\Index(columns: ['case_id', 'part'])]
class Finding implements Undoable
{
    use DoneBy;
    use Identified;
    use JudgedByOthers;
    use OfACase;
    use Versioned;

    #[ORM\Column(length: 12, enumType: FindingKind::class)]
    public FindingKind $kind = FindingKind::Damage;

    /** Key of a surface of the part; null: the part as a whole. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $surface = null;

    /** Key of a damage mode. */
    #[ORM\Column(length: 40, nullable: true)]
    public ?string $mode = null;

    #[ORM\Column(type: 'smallint')]
    #[Assert\Range(min: 0, max: 4, notInRangeMessage: 'A grade is from 0 (none) to 4 (destroyed).')]
    public int $grade = 0;

    #[ORM\Column(length: 12, nullable: true, enumType: Feel::class)]
    public ?Feel $feel = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $note = '';

    /** @var list<string> of debris: what it is made of, values of DebrisKind */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $made = [];

    /** Where the damage lies, or how a break looks: a key of the engine's words for it; null: not told. */
    #[ORM\Column(length: 20, nullable: true)]
    public ?string $lies = null;

    /** Of several alike: are all hurt, or one alone? */
    #[ORM\Column(length: 5, nullable: true, enumType: Twins::class)]
    public ?Twins $twins = null;

    #[ORM\Embedded(columnPrefix: 'lay_')]
    #[Assert\Valid]
    public WhatLay $lay;

    #[ORM\Embedded(columnPrefix: 'how_')]
    public HowSeen $how;

    /** Beyond what was complained of: it is told, and the chain need not explain it. */
    #[ORM\Column(options: ['default' => false])]
    private bool $beyond = false;

    /** The look before a part came off that it answers, as step and words of the book; empty: it answers none. */
    #[ORM\Column(length: 500, options: ['default' => ''])]
    private string $asked = '';

    /** So many parts were looked over in the act that this look was one of; null: it was a look of its own. */
    #[ORM\Column(type: 'smallint', nullable: true)]
    private ?int $sweptWith = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
    ) {
        $this->identify();
        $this->lay = new WhatLay();
        $this->how = new HowSeen();
    }

    #[Assert\Callback]
    public function damageHasAMode(ExecutionContextInterface $context): void
    {
        if (FindingKind::Damage === $this->kind && null === $this->mode) {
            $context->buildViolation(
                'What kind of damage is it? The anchors and look-alikes are beside the list.'
            )->atPath('mode')->addViolation();
        }
        if (FindingKind::Damage === $this->kind && 0 === $this->grade) {
            $context->buildViolation('Damage of grade 0 is none: choose 1 to 4, or “Looked at, clean”.')->atPath('grade')->addViolation();
        }
        if (FindingKind::Noted === $this->kind && '' === trim($this->note)) {
            $context->buildViolation('How was it found? Say it in words.')->atPath('note')->addViolation();
        }
    }

    /** @param int $grade 1 to 4 */
    public function sawDamage(string $mode, int $grade, string $note, ?string $surface = null): void
    {
        [$this->kind, $this->mode, $this->grade] = [FindingKind::Damage, $mode, $grade];
        [$this->surface, $this->note, $this->sweptWith] = [$surface, mb_substr($note, 0, 4000), null];
    }

    /** @param string $note how something was found, in words */
    public function noted(string $note): void
    {
        [$this->kind, $this->note] = [FindingKind::Noted, mb_substr($note, 0, 4000)];
    }

    /**
     * Answers a look before a part came off: what was noted stands beside what was asked.
     *
     * @param string $look in the words of the book
     */
    public function answers(string $step, string $look): void
    {
        $this->asked = $step.'/'.$look;
        if (FindingKind::Noted === $this->kind) {
            $this->noted(rtrim($look, '.').': '.$this->note);
        }
    }

    /** What was noted, without what was asked. */
    public function answer(): string
    {
        $asked = rtrim(explode('/', $this->asked, 2)[1] ?? '', '.').': ';

        return str_starts_with($this->note, $asked) ? substr($this->note, \strlen($asked)) : $this->note;
    }

    /** @return string step/words of the look before a part came off that it answers; empty: none */
    public function asked(): string
    {
        return $this->asked;
    }

    /** @param string $note of an earlier repair, that is no fault by itself */
    public function sawOldScar(string $note): void
    {
        [$this->kind, $this->mode, $this->grade] = [FindingKind::OldScar, null, 0];
        $this->note = mb_substr($note, 0, 4000);
    }

    /** @param string $note what the strip run did to it */
    public function sawOurOwn(string $note): void
    {
        [$this->kind, $this->note] = [FindingKind::MadeByUs, mb_substr($note, 0, 4000)];
    }

    /** @param list<DebrisKind> $kinds what debris is made of; of other damage it says nothing */
    public function tellMadeOf(array $kinds): void
    {
        $this->made = DebrisKind::MODE === $this->mode ? array_map(static fn (DebrisKind $kind): string => $kind->value, $kinds) : [];
    }

    public function remark(string $note): void
    {
        $this->note = mb_substr($note, 0, 4000);
    }

    /** Only damage has a grade. */
    public function settle(): void
    {
        $this->grade = $this->rampGrade();
    }

    public function isBeyond(): bool
    {
        return $this->beyond;
    }

    public function setBeyond(bool $beyond): void
    {
        $this->beyond = $beyond;
    }

    /** Does it call for a place in the chain? */
    public function needsACause(): bool
    {
        return $this->kind->needsACause() && !$this->beyond;
    }

    /** The place in the book: part, or part/surface. */
    public function place(): string
    {
        return null === $this->surface ? $this->part : $this->part.'/'.$this->surface;
    }

    /** @return list<DebrisKind> nothing where it is not debris that was found */
    public function debris(): array
    {
        return FindingKind::Damage === $this->kind && DebrisKind::MODE === $this->mode ? DebrisKind::of($this->made) : [];
    }

    /** What debris is made of, in words; empty where it is not told. */
    public function debrisWords(): string
    {
        return DebrisKind::words($this->debris());
    }

    /** What counts for the wear ramp: only damage has a grade. */
    public function rampGrade(): int
    {
        return FindingKind::Damage === $this->kind ? $this->grade : 0;
    }

    public function auditName(): string
    {
        return 'Finding on '.$this->place();
    }

    /** @param string|null $surface that was looked at; null: the whole part */
    public function lookedClean(?string $surface): void
    {
        [$this->kind, $this->surface, $this->mode, $this->sweptWith] = [FindingKind::Clean, $surface, null, null];
    }

    /** @param int $parts that were looked over by eye in one act, this one among them */
    public function lookedOver(int $parts): void
    {
        $this->lookedClean(null);
        $this->sweptWith = $parts;
    }

    /** How many parts were looked over in one act; null: it was a look of its own. */
    public function sweptWith(): ?int
    {
        return $this->sweptWith;
    }

    /** What kind of find it is, in words. */
    public function says(): string
    {
        return null === $this->sweptWith
            ? $this->kind->label()
            : \sprintf('Looked over by eye, nothing found: one of %d in one act', $this->sweptWith);
    }
}
