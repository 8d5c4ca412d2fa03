<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Actor;
use App\Account\AuditedInPart;
use App\Account\DoneBy;
use App\Claims\Repository\ClaimPapersRepository;
use App\Platform\Identified;
use App\Report\InTheMaking;
use App\Report\Paper;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** The papers of a claim: a PDF, and a bundle of it with the photos as they came and lists that a program can read. */
#[ORM\Entity(repositoryClass: ClaimPapersRepository::class)]
#[ORM\Table(name: 'claim_papers')]
class ClaimPapers implements AuditedInPart, Paper
{
    use DoneBy;
    use Identified;
    use InTheMaking;

    /** Version of the claim that they are made of. */
    #[ORM\Column]
    public int $version;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $bundle = null;

    #[ORM\Column(nullable: true)]
    public ?int $bundleBytes = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Claim $claim,
        /** Where this shop is reached, for the codes on the tags. */
        #[ORM\Column(length: 200)]
        public string $base,
        /** Do the photos go out with where they were taken? Only where somebody asked for it. */
        #[ORM\Column(options: ['default' => false])]
        public bool $withPlaces,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        $this->version = $claim->version;
        $this->touchedAt = $this->madeAt;
    }

    public function auditCase(): Uuid
    {
        return $this->claim->case->id;
    }

    public function auditFields(): array
    {
        return ['byWhom', 'hash', 'bundle', 'version', 'withPlaces'];
    }

    public function auditName(): string
    {
        return 'Papers of claim '.$this->claim->ordinal;
    }

    /** @param string $file that is kept under that hash */
    public function bundled(string $hash, string $file): void
    {
        [$this->bundle, $this->bundleBytes] = [$hash, (int) filesize($file)];
    }
}
