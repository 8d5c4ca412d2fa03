<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Repair\Repository\OfferRepository;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Repair\OptionKind;

use function Symfony\Component\Clock\now;

/**
 * What a customer was offered, as it was offered: the story in plain words, the options with their prices, and what they answered. It is
 * reached by a
 * signed link without a log-in, until it expires or is taken back.
 *
 * @phpstan-type Offered array{
 *     kind: string, label: string, lines: list<array{what: string, kind: string, low: string, high: string}>, low: string,
 *     high: string, tax-low: string, tax-high: string, gross-low: string, gross-high: string, hours: float, days: int,
 *     life: string, risk: string, outside: string,
 * }
 */
#[ORM\Entity(repositoryClass: OfferRepository::class)]
#[ORM\Table(name: 'offer')]
#[ORM\Index(columns: ['case_id'])]
class Offer implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** Hundredths of a percent. */
    #[ORM\Column(type: 'smallint')]
    public int $tax = 0;

    /** @var list<Offered> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $options = [];

    /** @var list<string> parts that are bought and have no price yet, in words: in no sum of the options */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $unpriced = [];

    /** What failed and why, in the customer's words. */
    #[ORM\Column(type: 'text')]
    public string $story = '';

    /** The answer to what they thought it was. */
    #[ORM\Column(type: 'text')]
    public string $theory = '';

    /** @var list<string> ids of photos that go with it */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $photos = [];

    /** The same as a PDF, once the worker has made it. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $pdf = null;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $revokedAt = null;

    #[ORM\Column(length: 12, nullable: true, enumType: OptionKind::class)]
    public ?OptionKind $chosen = null;

    /** Refused all of them. */
    #[ORM\Column]
    public bool $refused = false;

    /** Who answered, as they wrote it, and what else they said. */
    #[ORM\Column(length: 120)]
    public string $answeredBy = '';

    #[ORM\Column(type: 'text')]
    public string $answer = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $answeredAt = null;

    /** @var Collection<int, OfferQuestion> */
    #[ORM\OneToMany(mappedBy: 'offer', targetEntity: OfferQuestion::class, cascade: ['persist'])]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $questions;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)]
        public \DateTimeImmutable $validUntil,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        $this->questions = new ArrayCollection();
    }

    /** The last day counts whole. */
    public function isExpired(\DateTimeImmutable $now): bool
    {
        return $now >= $this->validUntil->modify('+1 day');
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->revokedAt && null === $this->answeredAt && !$this->isExpired($now);
    }

    /** How it stands, in words. */
    public function stands(\DateTimeImmutable $now): string
    {
        return match (true) {
            null !== $this->chosen => 'chosen: '.lcfirst($this->chosen->label()),
            $this->refused => 'all refused',
            null !== $this->revokedAt => 'taken back',
            $this->isExpired($now) => 'expired',
            default => 'waiting for an answer',
        };
    }

    public function auditName(): string
    {
        return 'Offer';
    }

    /**
     * @param string $story what failed and why, in the customer's words
     * @param string $theory the answer to what they thought it was
     * @param list<string> $photos ids
     */
    public function tell(string $story, string $theory, array $photos): void
    {
        [$this->story, $this->theory, $this->photos] = [$story, $theory, $photos];
    }

    /**
     * @param list<Offered> $options
     * @param int $tax hundredths of a percent
     * @param list<string> $unpriced parts that have no price yet
     */
    public function price(array $options, int $tax, array $unpriced): void
    {
        [$this->options, $this->tax, $this->unpriced] = [$options, $tax, $unpriced];
    }

    /** @param OptionKind|null $chosen null: none of them is wanted */
    public function takeAnswer(?OptionKind $chosen, string $name, string $words): void
    {
        [$this->chosen, $this->refused] = [$chosen, null === $chosen];
        [$this->answeredBy, $this->answer, $this->answeredAt] = [$name, $words, now()];
    }

    /** @param string $pdf SHA-256 of the file that is kept */
    public function keepPrint(string $pdf): void
    {
        $this->pdf = $pdf;
    }

    /** Its link opens nothing from now on. */
    public function takeBack(): void
    {
        $this->revokedAt ??= now();
    }
}
