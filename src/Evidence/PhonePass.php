<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Evidence\Repository\PhonePassRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** Lets a phone beside the unit add to one case for one shift, without a password; only its hash is kept. */
#[ORM\Entity(repositoryClass: PhonePassRepository::class)]
#[ORM\Table(name: 'phone_pass')]
class PhonePass implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    private const SHIFT = '+10 hours';

    #[ORM\Column(type: 'datetimetz_immutable')]
    public \DateTimeImmutable $until;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $revokedAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 64, unique: true, options: ['fixed' => true])]
        public string $tokenHash,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        $this->until = $this->madeAt->modify(self::SHIFT) ?: $this->madeAt;
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public function isValid(\DateTimeImmutable $now): bool
    {
        return null === $this->revokedAt && $now < $this->until && !$this->case->isSigned();
    }

    public function auditName(): string
    {
        return 'Phone pass';
    }

    /** It opens nothing from now on. */
    public function revoke(): void
    {
        $this->revokedAt = now();
    }
}
