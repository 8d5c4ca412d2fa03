<?php

declare(strict_types=1);

namespace App\Account;

use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;

/** Who is at the screen. */
final readonly class CurrentPerson
{
    public function __construct(private Security $security, private OurShop $shop)
    {
    }

    public function actor(): Actor
    {
        $actor = $this->security->getUser();

        return $actor instanceof Actor ? $actor : new TheProgram();
    }

    public function get(): User
    {
        return $this->orNull() ?? throw new \LogicException('Nobody is signed in.');
    }

    public function orNull(): ?User
    {
        $user = $this->security->getUser();

        return $user instanceof User ? $user : null;
    }

    /** Of whoever is signed in, or made the pass that a phone holds; else the shop's. */
    public function units(): UnitSystem
    {
        return $this->actor()->person()->units ?? $this->shop->units();
    }
}
