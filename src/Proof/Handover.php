<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Audited;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use App\Proof\Repository\HandoverRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** Return to service: what the user is told, and when somebody asks how it runs. */
#[ORM\Entity(repositoryClass: HandoverRepository::class)]
#[ORM\Table(name: 'handover')]
class Handover implements Audited
{
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

    #[ORM\Column(length: 80)]
    public string $byWhom = '';

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

    /** @param string $despite why it goes out though not all of its proof is passed; empty: all is */
    public function goOut(string $despite): void
    {
        $this->despite = $despite;
        $this->goneAt ??= now();
    }
}
