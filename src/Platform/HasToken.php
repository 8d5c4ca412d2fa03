<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** A device that signs in with a token: only its hash is kept, and it ends by itself. */
trait HasToken
{
    #[ORM\Column(length: 64, nullable: true, unique: true)]
    public ?string $tokenHash = null;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $tokenUntil = null;

    /** The device signs in with this from now on, for a year. */
    public function giveToken(string $token): void
    {
        [$this->tokenHash, $this->tokenUntil] = [DeviceToken::hash($token), now('+1 year')];
    }

    public function tokenOpens(): bool
    {
        return null !== $this->tokenUntil && $this->tokenUntil > now();
    }
}
