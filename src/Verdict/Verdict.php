<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Audited;
use App\Account\User;
use App\Chain\ChainNode;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\JsonText;
use App\Platform\Versioned;
use App\Verdict\Repository\VerdictRepository;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

use Symfony\Component\Validator\Constraints as Assert;

/** What the shop says it was, signed by two. Once both have signed it is never changed: a later one supersedes it. */
#[ORM\Entity(repositoryClass: VerdictRepository::class)]
#[ORM\Table(name: 'verdict')]
#[ORM\UniqueConstraint(columns: ['case_id', 'revision'])]
class Verdict implements Audited
{
    use Answer;
    use Identified;
    use OfACase;
    use Versioned;

    /** What stays at risk where a cause was not found. */
    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $atRisk = '';

    /**
     * Points that the chain left open when it was signed, each with the reason why it may.
     *
     * @var list<array<string, string>> as they are stored; see OpenPoint
     */
    #[ORM\Column(type: 'json')]
    public array $despite = [];

    /** Why this revision was opened; empty for the first. */
    #[ORM\Column(type: 'text')]
    public string $reopenedBecause = '';

    #[ORM\ManyToOne]
    public ?User $signedBy = null;

    /** The name as it was then. */
    #[ORM\Column(length: 80, options: ['default' => ''])]
    public string $signedAs = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $signedAt = null;

    #[ORM\ManyToOne]
    public ?User $secondBy = null;

    #[ORM\Column(length: 80, options: ['default' => ''])]
    public string $secondAs = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $secondAt = null;

    /** Why the first signature holds no more: what changed after it, by whom; empty: nothing did. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    public string $voided = '';

    /**
     * The whole case as it was signed first, and what the engine thought then; once both have signed with the text of the report.
     * A document of hundreds of kilobytes, so that it is kept as its text and read by `snapshot()`.
     */
    #[ORM\Column(type: JsonText::NAME, nullable: true, options: ['jsonb' => true])]
    private ?string $snapshot = null;

    /** What the signatures cover: the digest of that document. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $snapshotHash = null;

    /** Digest of the report's text as it was signed; null for what was signed before there was one. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $reportHash = null;

    /** @var Collection<int, OwnAnswer> complaints that have an origin of their own */
    #[ORM\OneToMany(mappedBy: 'verdict', targetEntity: OwnAnswer::class, cascade: ['persist'], orphanRemoval: true)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $own;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'RESTRICT')]
        public CaseFile $case,
        #[ORM\Column(type: 'smallint')]
        public int $revision,
    ) {
        $this->identify();
        $this->own = new ArrayCollection();
    }

    /** The next revision, which starts from this one. */
    public function next(string $because): self
    {
        $next = new self($this->case, $this->revision + 1);
        $next->takeFrom($this);
        [$next->atRisk, $next->reopenedBecause] = [$this->atRisk, $because];
        foreach ($this->own as $answer) {
            $next->own->add($answer->in($next));
        }

        return $next;
    }

    public function ownOf(Complaint $complaint): ?OwnAnswer
    {
        return $this->own->findFirst(static fn (int $i, OwnAnswer $own): bool => $own->complaint === $complaint);
    }

    /**
     * @return non-empty-list<Explained> each answer with the complaints that it is for; the verdict's own first, for all that have none of
     *                                   theirs
     */
    public function explained(): array
    {
        $rest = array_values(array_filter($this->case->complaints->getValues(), fn (Complaint $one): bool => null === $this->ownOf($one)));
        $own = array_values(
            array_map(static fn (OwnAnswer $one): Explained => new Explained($one, [$one->complaint], false), $this->own->getValues())
        );

        return [] === $rest && [] !== $own ? $own : [new Explained($this, $rest, [] === $own), ...$own];
    }

    /** @return list<ChainNode> the origins that it names, each once */
    public function origins(): array
    {
        $origins = [];
        foreach ($this->explained() as $one) {
            $origins[(string) $one->by->origin?->id] = $one->by->origin;
        }

        return array_values(array_filter($origins));
    }

    /** Was the cause of any complaint not found? */
    public function leavesOpen(): bool
    {
        return [] !== array_filter($this->explained(), static fn (Explained $one): bool => $one->by->causeNotFound);
    }

    public function isSigned(): bool
    {
        return null !== $this->secondAt;
    }

    public function awaitsSecond(): bool
    {
        return null !== $this->signedAt && null === $this->secondAt;
    }

    /** The report as it was signed; null while it is not, or before there was such a text. */
    public function reportText(): ?ReportWords
    {
        $text = $this->isSigned() ? $this->snapshot()['report'] ?? null : null;

        return \is_array($text) && \is_string($text['body'] ?? null) && \is_string($text['plates'] ?? null)
            ? new ReportWords($text['body'], $text['plates'])
            : null;
    }

    /** @return array<string, mixed>|null the whole case as it was signed; null: it is not */
    public function snapshot(): ?array
    {
        /** @var array<string, mixed>|null */
        return null === $this->snapshot ? null : json_decode($this->snapshot, true, 512, \JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $document */
    private function write(array $document): void
    {
        $this->snapshot = json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** Takes the first signature away: what it covered is no more. */
    public function void(string $because): void
    {
        [$this->signedBy, $this->signedAt, $this->snapshot, $this->snapshotHash] = [null, null, null, null];
        [$this->signedAs, $this->voided] = ['', $because];
    }

    public function auditName(): string
    {
        return 'Verdict, revision '.$this->revision;
    }

    /**
     * @param array<string, mixed> $snapshot the whole case as it is signed
     * @param string $hash SHA-256 of what both sign
     */
    public function signFirst(User $user, array $snapshot, string $hash): void
    {
        [$this->signedBy, $this->signedAs, $this->signedAt, $this->voided] = [$user, $user->name, now(), ''];
        $this->write($snapshot);
        $this->snapshotHash = $hash;
    }

    /** @param list<OpenPoint> $despite */
    public function leaveOpen(array $despite): void
    {
        $this->despite = array_map(static fn (OpenPoint $one): array => $one->jsonSerialize(), $despite);
    }

    /** The second signature closes the case. */
    public function signSecond(User $user): void
    {
        [$this->secondBy, $this->secondAs, $this->secondAt] = [$user, $user->name, now()];
        $this->case->close($this->secondAt);
    }

    public function keepReport(ReportWords $report): void
    {
        $this->write(($this->snapshot() ?? []) + ['report' => ['body' => $report->body, 'plates' => $report->plates]]);
        $this->reportHash = $report->hash();
    }
}
