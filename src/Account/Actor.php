<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\Security\Core\User\UserInterface;

/** Whoever is signed in: a person, a phone with its pass, a device with its token. */
interface Actor extends UserInterface
{
    /** As it stands in the trail, at most 80 letters. */
    public function actsAs(): string;

    /** As it stands beside what was done, at most 80 letters. */
    public function signsAs(): string;

    /** Who stands behind it; null: a device, or the program. */
    public function person(): ?User;
}
