<?php

declare(strict_types=1);

namespace App\Account\Code;

use App\Account\Repository\SecondFactorRepository;
use App\Account\User;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The key that a person's telephone shares with the shop, sealed, and the last step of time whose code was taken. */
#[ORM\Entity(repositoryClass: SecondFactorRepository::class)]
#[ORM\Table(name: 'second_factor')]
class SecondFactor
{
    use Identified;

    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        public User $person,
        #[ORM\Column(type: Types::TEXT)]
        public string $sealed,
        /** No code of this step or an earlier one is taken again. */
        #[ORM\Column(type: Types::BIGINT)]
        public int $step,
    ) {
        $this->identify();
    }
}
