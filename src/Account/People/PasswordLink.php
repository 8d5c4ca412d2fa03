<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Repository\PasswordLinkRepository;
use App\Account\User;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A link by which a person chooses a password: it works once, for a few days. The shop keeps its digest only. */
#[ORM\Entity(repositoryClass: PasswordLinkRepository::class)]
#[ORM\Table(name: 'password_link')]
class PasswordLink
{
    use DoneBy;
    use Identified;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $usedAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public User $person,
        #[ORM\Column(length: 64, unique: true)]
        public string $hash,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $until,
        Actor $by,
    ) {
        $this->identify();
        $this->doneBy($by);
    }

    public function holds(\DateTimeImmutable $now): bool
    {
        return null === $this->usedAt && $now <= $this->until && $this->person->mayEnter();
    }
}
