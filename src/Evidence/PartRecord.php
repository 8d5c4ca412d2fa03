<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Undo\Undoable;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\Sense;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What is known of a part besides its findings, readings and photos: feel, senses, what becomes of it. */
#[ORM\Entity(repositoryClass: PartRecordRepository::class)]
#[ORM\Table(name: 'part_record')]
#[ORM\UniqueConstraint(columns: ['case_id', 'part'])]
class PartRecord implements Undoable
{
    use Decided;
    use Identified;
    use OfACase;
    use SensedByOthers;
    use Versioned;

    #[ORM\Column(length: 12, nullable: true, enumType: Feel::class)]
    public ?Feel $feel = null;

    /** Place on the scale of the sense, 0 the best; see Japhrex\Core\Damage\Sense. */
    #[ORM\Column(type: 'smallint', nullable: true)]
    public ?int $play = null;

    #[ORM\Column(type: 'smallint', nullable: true)]
    public ?int $sound = null;

    #[ORM\Column(type: 'smallint', nullable: true)]
    public ?int $smell = null;

    #[ORM\Column(type: 'smallint', nullable: true)]
    public ?int $hardness = null;

    #[ORM\Column(type: 'smallint', nullable: true)]
    public ?int $turning = null;

    #[ORM\Column(type: 'smallint', nullable: true)]
    public ?int $heat = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $note = '';

    /** Key of the duty of its stage, where that differs from the unit's; empty: as the unit. */
    #[ORM\Column(length: 60)]
    public string $duty = '';

    /** @return array<string, int> by the name of the sense: its place on the scale, of those that were told */
    public function senses(): array
    {
        return array_filter(
            [
                Sense::Play->value => $this->play, Sense::Sound->value => $this->sound, Sense::Smell->value => $this->smell,
                Sense::Hardness->value => $this->hardness, Sense::Turning->value => $this->turning, Sense::Heat->value => $this->heat,
            ],
            static fn (?int $grade): bool => null !== $grade,
        );
    }

    /** In a line: "play by hand: knocks". */
    public function sensed(): string
    {
        return self::inWords($this->senses());
    }

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
    ) {
        $this->identify();
    }

    #[Assert\Callback]
    public function aDecisionHasAReason(ExecutionContextInterface $context): void
    {
        if (null !== $this->disposition && '' === trim($this->dispositionReason) && Disposition::AlwaysReplace !== $this->disposition) {
            $context->buildViolation('Why? One line that still makes sense in a year.')->atPath('dispositionReason')->addViolation();
        }
    }

    public function auditName(): string
    {
        return 'Part '.$this->part;
    }
}
