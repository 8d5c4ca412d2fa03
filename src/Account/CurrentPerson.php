<?php

declare(strict_types=1);

namespace App\Account;

use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;

/** Who is at the screen. */
final class CurrentPerson
{
    /** Who acts where nobody is signed in. */
    private string $otherwise = 'the program';

    public function __construct(private readonly Security $security, private readonly OurShop $shop)
    {
    }

    /** A phone with its pass acts. */
    public function otherwise(string $who): void
    {
        $this->otherwise = $who;
    }

    /** For the trail. */
    public function name(): string
    {
        return $this->orNull()->name ?? $this->otherwise;
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

    public function units(): UnitSystem
    {
        return $this->orNull()->units ?? $this->shop->units();
    }
}
