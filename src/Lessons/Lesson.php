<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Account\User;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Lessons\Form\LessonInput;
use App\Lessons\Repository\LessonRepository;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Memory\LessonAt;
use Japhrex\Core\Memory\LessonError;
use Japhrex\Core\Memory\LessonFor;
use Japhrex\Core\Memory\LessonRule;

use function Symfony\Component\Clock\now;

/** A sentence that one case taught, met again in later ones at the place that it belongs to. */
#[ORM\Entity(repositoryClass: LessonRepository::class)]
#[ORM\Table(name: 'lesson')]
#[ORM\Index(columns: ['family'])]
class Lesson implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    #[ORM\Column(length: 60)]
    public readonly string $family;

    #[ORM\Column(name: 'at_what', length: 12, enumType: LessonAt::class)]
    public readonly LessonAt $at;

    /** Key of the step, part, mechanism or reading; empty: the intake. */
    #[ORM\Column(length: 160)]
    public readonly string $place;

    #[ORM\Column(name: 'for_which', length: 8, enumType: LessonFor::class)]
    public readonly LessonFor $for;

    /** The model or maker that it is for; empty: the whole family. */
    #[ORM\Column(length: 160)]
    public readonly string $named;

    #[ORM\Column(length: 1500)]
    public readonly string $words;

    /** Where it is from, beside the case: manual, page, count. */
    #[ORM\Column(length: 200)]
    public readonly string $source;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Photo $photo = null;

    #[ORM\Column(length: 80)]
    public string $agreedBy = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $agreedAt = null;

    #[ORM\Column(length: 80)]
    public string $retiredBy = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $retiredAt = null;

    #[ORM\Column(length: 500)]
    public string $retiredWhy = '';

    /** @throws LessonError saying what is missing */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        LessonInput $said,
        ?Photo $photo,
        Actor $who,
    ) {
        $named = match ($said->for) {
            LessonFor::Every, LessonFor::Family => '',
            LessonFor::Model => trim($case->maker.' '.$case->model),
            LessonFor::Maker => trim($case->maker),
        };
        LessonRule::keep($said->at, $said->for, $said->words, $named, $said->source);
        [$this->family, $this->at, $this->place, $this->for] = [$case->family, $said->at, $said->place, $said->for];
        [$this->named, $this->words, $this->source, $this->photo] = [$named, $said->words, $said->source, $photo];
        $this->doneBy($who);
        $this->identify();
    }

    public function isOpen(): bool
    {
        return null === $this->agreedAt && null === $this->retiredAt;
    }

    public function isInForce(): bool
    {
        return null !== $this->agreedAt && null === $this->retiredAt;
    }

    /** Is it for this unit? */
    public function isFor(CaseFile $case): bool
    {
        $is = static fn (string $name): string => mb_strtolower(trim($name));

        return LessonFor::Every === $this->for || $this->family === $case->family && match ($this->for) {
            LessonFor::Family => true,
            LessonFor::Model => $is($this->named) === $is($case->maker.' '.$case->model),
            LessonFor::Maker => $is($this->named) === $is($case->maker),
        };
    }

    /** @throws LessonError if who wrote it agrees to it, or it is settled */
    public function agree(User $who): void
    {
        LessonRule::agree($this->isOpen(), $this->byWhom, $who->signsAs());
        [$this->agreedBy, $this->agreedAt] = [$who->signsAs(), now()];
    }

    /** @throws LessonError without a reason, or if it is retired */
    public function retire(User $who, string $why): void
    {
        LessonRule::retire(null !== $this->retiredAt, $why);
        [$this->retiredBy, $this->retiredAt, $this->retiredWhy] = [$who->signsAs(), now(), $why];
    }

    public function auditName(): string
    {
        return 'Lesson';
    }
}
