<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use App\Proof\Repository\HandoverRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Proof\ProofError;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Quantity\UnitSystem;

use function Symfony\Component\Clock\now;

/** Return to service: what the user is told, and when somebody asks how it runs. */
#[ORM\Entity(repositoryClass: HandoverRepository::class)]
#[ORM\Table(name: 'handover')]
class Handover implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    /** What to check, and when. */
    #[ORM\Column(type: 'text')]
    public string $checks = '';

    /** When to stop at once. */
    #[ORM\Column(type: 'text')]
    public string $stop = '';

    /** Why it goes out though not all of the proof is passed. */
    #[ORM\Column(type: 'text')]
    public string $despite = '';

    /** The day on which somebody asks how it runs. */
    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $watch = null;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $goneAt = null;

    /** What the repair took, as typed, such as 6.5 h; empty: nobody said. */
    #[ORM\Column(length: 40, options: ['default' => ''])]
    public string $took = '';

    /** What was charged for it before tax, such as 640.00 EUR; empty: nobody said. */
    #[ORM\Column(length: 40, options: ['default' => ''])]
    public string $charged = '';

    /** In which its user reads. */
    #[ORM\Column(length: 10, enumType: UnitSystem::class, options: ['default' => 'mm'])]
    public UnitSystem $units = UnitSystem::Metric;

    /** What its user is told as a PDF, once the worker has made it. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $pdf = null;

    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Return to service';
    }

    /**
     * @param string $checks what to check, and when
     * @param string $stop when to stop at once
     * @param \DateTimeImmutable|null $watch the day on which somebody asks how it runs
     */
    public function tell(string $checks, string $stop, ?\DateTimeImmutable $watch, UnitSystem $units = UnitSystem::Metric): void
    {
        [$this->checks, $this->stop, $this->watch, $this->units] = [$checks, $stop, $watch, $units];
    }

    /**
     * What it came to in the end, to be held against what was offered.
     *
     * @param string $took a time; a bare number is hours
     *
     * @throws QuantityError if it is no time
     * @throws ProofError if it is none of work
     */
    public function account(string $took, ?Money $charged): void
    {
        $took = is_numeric($took = trim($took)) ? $took.' h' : $took;
        if ('' !== $took && Quantity::parse($took, Dimension::Time)->si < 0.0) {
            throw ProofError::refused(\sprintf('“%s” is no time of work. Write 6.5 h; or leave it empty.', $took));
        }
        [$this->took, $this->charged] = [$took, $charged?->format() ?? ''];
    }

    /** @param string $pdf SHA-256 of the file that is kept */
    public function keepPrint(string $pdf): void
    {
        $this->pdf = $pdf;
    }

    /** @param string $despite why it goes out though not all of its proof is passed; empty: all is */
    public function goOut(string $despite, Actor $who): void
    {
        $this->doneBy($who);
        $this->despite = $despite;
        $this->goneAt ??= now();
    }
}
