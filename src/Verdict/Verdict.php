<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Audited;
use App\Account\User;
use App\Chain\ChainNode;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Verdict\Responsibility;
use Symfony\Component\Validator\Constraints as Assert;

/** What the shop says it was, signed by two. Once both have signed it is never changed: a later one supersedes it. */
#[ORM\Entity]
#[ORM\Table(name: 'verdict')]
#[ORM\UniqueConstraint(columns: ['case_id', 'revision'])]
class Verdict implements Audited
{
    use Identified;
    use OfACase;
    use Versioned;

    /** The origin in the chain; null with `causeNotFound`. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?ChainNode $origin = null;

    /** "Cause not found" is an honest verdict; `atRisk` then says what stays at risk. */
    #[ORM\Column]
    public bool $causeNotFound = false;

    #[ORM\Column(length: 20, nullable: true, enumType: Responsibility::class)]
    public ?Responsibility $responsibility = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 8000)]
    public string $statement = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $atRisk = '';

    /**
     * Points that the chain left open when it was signed, each with the reason why it may.
     *
     * @var list<array{point: string, reason: string}>
     */
    #[ORM\Column(type: 'json')]
    public array $despite = [];

    /**
     * Responsibility divided, each share with the links of the chain that it rests on; empty: all of it is carried by `responsibility`.
     *
     * @var list<array{who: string, percent: int, links: list<string>}>
     */
    #[ORM\Column(type: 'json')]
    public array $shares = [];

    /** Hash of the chain that the shares were set for. */
    #[ORM\Column(length: 64)]
    public string $sharesFor = '';

    /** Why this revision was opened; empty for the first. */
    #[ORM\Column(type: 'text')]
    public string $reopenedBecause = '';

    #[ORM\ManyToOne]
    public ?User $signedBy = null;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $signedAt = null;

    #[ORM\ManyToOne]
    public ?User $secondBy = null;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $secondAt = null;

    /** Why the first signature holds no more: what changed after it, by whom; empty: nothing did. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    public string $voided = '';

    /**
     * The whole case as it was signed first, and what the engine thought then; once both have signed with the text of the report.
     *
     * @var array<string, mixed>|null
     */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    public ?array $snapshot = null;

    /** What the signatures cover: the digest of that document. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $snapshotHash = null;

    /** Digest of the report's text as it was signed; null for what was signed before there was one. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $reportHash = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'RESTRICT')]
        public CaseFile $case,
        #[ORM\Column(type: 'smallint')]
        public int $revision,
    ) {
        $this->identify();
    }

    public function isSigned(): bool
    {
        return null !== $this->secondAt;
    }

    public function awaitsSecond(): bool
    {
        return null !== $this->signedAt && null === $this->secondAt;
    }

    /** @return array{body: string, plates: string}|null the report as it was signed; null while it is not, or before there was such a text */
    public function reportText(): ?array
    {
        $text = $this->isSigned() ? $this->snapshot['report'] ?? null : null;

        return \is_array($text) && \is_string($text['body'] ?? null) && \is_string($text['plates'] ?? null) ? ['body' => $text['body'], 'plates' => $text['plates']] : null;
    }

    /** Takes the first signature away: what it covered is no more. */
    public function void(string $because): void
    {
        [$this->signedBy, $this->signedAt, $this->snapshot, $this->snapshotHash] = [null, null, null, null];
        $this->voided = $because;
    }

    public function auditName(): string
    {
        return 'Verdict, revision '.$this->revision;
    }
}
