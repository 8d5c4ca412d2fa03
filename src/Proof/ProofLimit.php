<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Platform\Identified;
use App\Proof\Form\ProofLimitInput;
use App\Proof\Repository\ProofLimitRepository;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/** The shop's own limit of something that is read in the proof. A change ends one and begins another; what was judged stays judged. */
#[ORM\Entity(repositoryClass: ProofLimitRepository::class)]
#[ORM\Table(name: 'proof_limit')]
#[ORM\Index(columns: ['family'])]
class ProofLimit implements Audited
{
    use DoneBy;
    use Identified;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    #[ORM\Column(length: 40)]
    public readonly string $least;

    #[ORM\Column(length: 40)]
    public readonly string $most;

    /** Where it is written: manual, edition, page. */
    #[ORM\Column(length: 200)]
    public readonly string $source;

    public function __construct(
        #[ORM\Column(length: 60)]
        public readonly string $family,
        #[ORM\Column(length: 80)]
        public readonly string $step,
        /** What is read, as the book calls it. */
        #[ORM\Column(length: 120)]
        public readonly string $what,
        ProofLimitInput $typed,
        Actor $who,
    ) {
        [$this->least, $this->most, $this->source] = [$typed->least, $typed->most, $typed->source];
        $this->doneBy($who);
        $this->identify();
    }

    public function end(): void
    {
        $this->endedAt = now();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Own limit of the proof, '.$this->what;
    }
}
