<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\Repository\SignedInRepository;
use App\Account\User;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A browser in which a person is, or was, signed in. */
#[ORM\Entity(repositoryClass: SignedInRepository::class)]
#[ORM\Table(name: 'signed_in')]
class SignedIn
{
    use Identified;

    /** When something was last asked for from there, to within ten minutes. */
    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
    public \DateTimeImmutable $seenAt;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public User $person,
        /** Digest of the key that the session carries. */
        #[ORM\Column(length: 64, unique: true)]
        public string $hash,
        #[ORM\Column(length: 45)]
        public string $address,
        #[ORM\Column(length: 200)]
        public string $agent,
    ) {
        $this->identify();
        $this->seenAt = $this->madeAt;
    }
}
