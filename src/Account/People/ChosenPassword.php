<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\User;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\SecurityBundle\Security;

/** A person changes the own password: what was signed in with the one before ends, and this browser goes on with the new one. */
final readonly class ChosenPassword
{
    public function __construct(
        private Passwords $passwords,
        private EntityManagerInterface $entityManager,
        private SecurityLog $log,
        private Security $security,
    ) {
    }

    /** @throws PasswordError */
    public function change(User $person, string $now, string $new, string $again): void
    {
        if (!$this->passwords->is($person, $now)) {
            throw PasswordError::notTheOld();
        }
        if ($new !== $again) {
            throw PasswordError::notTwice();
        }
        $this->passwords->set($person, $new);
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::PasswordSet, $person, 'by themselves');
        $this->enter($person);
    }

    /** Signs in whoever has just shown who they are. */
    public function enter(User $person): void
    {
        $this->security->login($person, 'form_login', 'main');
    }
}
