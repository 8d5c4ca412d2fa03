<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Account\User;
use App\Intake\Repository\CaseFileRepository;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\Model;
use Japhrex\Core\Family\UnitIs;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** One failed unit from intake to report. */
#[ORM\Entity(repositoryClass: CaseFileRepository::class)]
#[ORM\Table(name: 'case_file')]
#[ORM\Index(columns: ['serial_key'])]
class CaseFile implements Undoable
{
    use FilledFromBook;
    use Identified;
    use Versioned;

    #[ORM\Column(length: 20, unique: true)]
    public string $number;

    /** Written by {@see StageMoves}, apart from the version that guards the other fields. */
    #[ORM\Column(length: 20, updatable: false, enumType: Stage::class)]
    public Stage $stage = Stage::Intake;

    #[ORM\Column(length: 120)]
    #[Assert\NotBlank(message: 'Whose unit is it? A firm, a yard or a person.')]
    #[Assert\Length(max: 120)]
    public string $customer = '';

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120)]
    public string $unitName = '';

    #[ORM\Column(length: 80)]
    #[Assert\Length(max: 80)]
    public string $maker = '';

    #[ORM\Column(length: 80)]
    #[Assert\Length(max: 80)]
    public string $model = '';

    #[ORM\Column(length: 80)]
    #[Assert\Length(max: 80)]
    public string $serial = '';

    /** The serial as it is compared: capitals and digits only. */
    #[ORM\Column(length: 80)]
    public string $serialKey = '';

    #[ORM\Column(length: 200)]
    #[Assert\Length(max: 200)]
    public string $tag = '';

    /** Letter or index of the version, as the tag has it: what is inside can depend on it. */
    #[ORM\Column(length: 20, options: ['default' => ''])]
    #[Assert\Length(max: 20)]
    public string $versionIndex = '';

    /** Year in which it was made, as typed: what is inside can depend on it. */
    #[ORM\Column(length: 4, options: ['default' => ''])]
    #[Assert\Regex('/^(19|20)\d\d$/', 'A year has four digits, as 2014; empty where nobody knows.')]
    public string $built = '';

    /** How it was told what it is where the tag does not say: what was measured, what was inside. */
    #[ORM\Column(length: 400)]
    #[Assert\Length(max: 400)]
    public string $identifiedBy = '';

    /** @var array<string, array{is: string, because: string}> by key of the book's choice: which it is, and what told it */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $variants = [];

    #[ORM\Column(length: 10, nullable: true, enumType: Rotation::class)]
    public ?Rotation $rotation = null;

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120)]
    public string $drive = '';

    /** Key of the book's duty: what it has to do, where acceptance depends on that. */
    #[ORM\Column(length: 60)]
    public string $duty = '';

    #[ORM\Column(length: 60)]
    #[Assert\Length(max: 60)]
    #[IsQuantity('displacement')]
    public string $displacement = '';

    #[ORM\Column(length: 60)]
    #[Assert\Length(max: 60)]
    #[IsQuantity('time', 'distance travelled')]
    public string $serviceSinceNew = '';

    #[ORM\Column(length: 60)]
    #[Assert\Length(max: 60)]
    #[IsQuantity('time', 'distance travelled')]
    public string $serviceSinceRepair = '';

    #[ORM\Column(length: 200)]
    #[Assert\Length(max: 200)]
    public string $repairedBy = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $replacedThen = '';

    /** When that repair was, as it is known: a day, a month, "two seasons ago". */
    #[ORM\Column(length: 60, options: ['default' => ''])]
    #[Assert\Length(max: 60)]
    public string $repairedOn = '';

    /** By whom and when it was remanufactured, as its plate or its marks say; empty: it was not, or nobody knows. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200)]
    public string $remanufactured = '';

    /** Where the work is best done, by access and by equipment; null: nobody has said. */
    #[ORM\Column(length: 10, nullable: true, enumType: WorkAt::class)]
    public ?WorkAt $workAt = null;

    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200)]
    public string $workAtBecause = '';

    /** When the second person signed; null while it is open. */
    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $signedAt = null;

    #[ORM\ManyToOne]
    public ?User $holder = null;

    /** The earlier case of the same unit, when this one is a comeback. */
    #[ORM\ManyToOne(targetEntity: self::class)]
    public ?self $comebackOf = null;

    /** What was done about the origin found last time, and whether it is back. */
    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $earlierOriginDealt = '';

    #[ORM\OneToOne(mappedBy: 'case', cascade: ['persist'])]
    public ?Arrival $arrival = null;

    /** @var Collection<int, Complaint> */
    #[ORM\OneToMany(mappedBy: 'case', targetEntity: Complaint::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $complaints;

    /** @var Collection<int, Statement> */
    #[ORM\OneToMany(mappedBy: 'case', targetEntity: Statement::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $statements;

    /** @var Collection<int, Attempt> what was tried before it came in */
    #[ORM\OneToMany(mappedBy: 'case', targetEntity: Attempt::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $attempts;

    /** @var Collection<int, RunningTime> how long it has run, as each says */
    #[ORM\OneToMany(mappedBy: 'case', targetEntity: RunningTime::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $runningTimes;

    /** @var Collection<int, EarlierWork> what earlier repairs did and left out */
    #[ORM\OneToMany(mappedBy: 'case', targetEntity: EarlierWork::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $earlierWork;

    /** Taken in by mistake, and when that was said; null: it is a case. */
    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $withdrawnAt = null;

    #[ORM\Column(length: 400, options: ['default' => ''])]
    public string $withdrawnBecause = '';

    /** When the names of people were taken out of it, years after it was signed; the database does that. */
    #[ORM\Column(type: 'datetimetz_immutable', nullable: true, insertable: false, updatable: false)]
    public ?\DateTimeImmutable $peopleOutAt = null;

    public function __construct(
        string $number,
        #[ORM\Column(length: 60)]
        public string $family,
    ) {
        $this->identify();
        $this->number = $number;
        $this->complaints = new ArrayCollection();
        $this->statements = new ArrayCollection();
        $this->attempts = new ArrayCollection();
        $this->earlierWork = new ArrayCollection();
        $this->runningTimes = new ArrayCollection();
        $this->arrival = new Arrival($this);
    }

    public static function serialKey(string $serial): string
    {
        return (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($serial));
    }

    public function takenIn(string $number, User $holder, ?self $earlier): void
    {
        [$this->number, $this->holder, $this->comebackOf] = [$number, $holder, $earlier];
    }

    /** @param string $how what was done about the origin found last time */
    public function dealtWithEarlierOrigin(string $how): void
    {
        $this->earlierOriginDealt = $how;
    }

    public function heldBy(User $holder): void
    {
        $this->holder = $holder;
    }

    /** @param self|null $earlier the case in which the same unit was here; null: it is no comeback */
    public function comesBackFrom(?self $earlier): void
    {
        $this->comebackOf = $earlier;
    }

    /** What tells it from others of its family. */
    public function is(): UnitIs
    {
        return new UnitIs(
            trim($this->maker.' '.$this->model),
            $this->versionIndex,
            '' === $this->built ? null : (int) $this->built,
            $this->rotation->value ?? '',
            $this->duty,
            array_map(static fn (array $one): string => $one['is'], $this->variants),
        );
    }

    /** @param string $because what told it */
    public function identifiedAs(Model $model, string $because): void
    {
        [$this->maker, $this->model, $this->identifiedBy] = [$model->maker, $model->model, mb_substr($because, 0, 400)];
    }

    /** @param string $is key of the option; empty: nobody knows any more */
    public function isVariant(string $choice, string $is, string $because): void
    {
        $this->variants = array_filter(
            [$choice => ['is' => $is, 'because' => $because]] + $this->variants,
            static fn (array $one): bool => '' !== $one['is'],
        );
        ksort($this->variants);
    }

    /** What it is, as the floor calls it. */
    public function name(): string
    {
        return self::called($this->unitName, $this->maker, $this->model);
    }

    public static function called(string $unitName, string $maker, string $model): string
    {
        $type = trim($maker.' '.$model);

        return match (true) {
            '' !== $unitName => $unitName,
            '' !== $type => $type,
            default => 'Unit without a name',
        };
    }

    public function withdraw(string $because, \DateTimeImmutable $at): void
    {
        [$this->withdrawnAt, $this->withdrawnBecause] = [$at, $because];
    }

    public function putBack(): void
    {
        [$this->withdrawnAt, $this->withdrawnBecause] = [null, ''];
    }

    public function moveTo(Stage $stage): void
    {
        if ($this->stage->mayMoveTo($stage)) {
            $this->stage = $stage;
        }
    }

    public function isSigned(): bool
    {
        return Stage::Signed === $this->stage;
    }

    public function auditCase(): Uuid
    {
        return $this->id;
    }

    public function auditName(): string
    {
        return 'Case '.$this->number;
    }

    /** Signed by both: nothing in it changes any more. */
    public function close(\DateTimeImmutable $at): void
    {
        $this->moveTo(Stage::Signed);
        $this->signedAt = $at;
    }

    /** For a new revision of its verdict. */
    public function reopen(): void
    {
        $this->moveTo(Stage::Verdict);
        $this->signedAt = null;
    }
}
