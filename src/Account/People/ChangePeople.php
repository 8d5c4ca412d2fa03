<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\Code\SecondFactors;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\LogIn\Sessions;
use App\Account\Repository\UserRepository;
use App\Account\Role;
use App\Account\User;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

/** People come, change what they do, and go; a person is never removed, since the name stays on what was done. */
final readonly class ChangePeople
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private UserRepository $people,
        private SecondFactors $factors,
        private Sessions $sessions,
        private SecurityLog $log,
    ) {
    }

    /** @throws ShopError where somebody has that name to sign in with */
    public function add(User $person, User $by): void
    {
        if (null !== $this->people->named($person->username)) {
            throw new ShopError(
                "“{$person->username}” signs in already. Choose another name to sign in with; two people never share one.",
                422,
            );
        }
        $this->entityManager->persist($person);
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::People, $by, "added {$person->username}, {$person->role->label()}");
    }

    /** @throws ShopError where no analyst would be left */
    public function change(User $person, Role $was, User $by): void
    {
        if (Role::Analyst === $was && Role::Analyst !== $person->role) {
            $this->mustLeaveAnAnalyst($person);
        }
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::People, $by, "changed {$person->username}, {$person->role->label()}");
    }

    /** @throws ShopError where no analyst would be left */
    public function disable(User $person, User $by): void
    {
        if (Role::Analyst === $person->role) {
            $this->mustLeaveAnAnalyst($person);
        }
        $person->disabledAt ??= now();
        $this->entityManager->flush();
        $this->sessions->endAll($person);
        $this->log->note(SecurityEvent::People, $by, "shut out {$person->username}");
    }

    public function enable(User $person, User $by): void
    {
        $person->disabledAt = null;
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::People, $by, "let {$person->username} in again");
    }

    /** For whoever has lost the telephone. */
    public function endSecondFactor(User $person, User $by): void
    {
        $this->factors->end($person);
        $this->sessions->endAll($person);
        $this->log->note(SecurityEvent::SecondFactor, $by, "taken from {$person->username}");
    }

    private function mustLeaveAnAnalyst(User $person): void
    {
        if (!$this->people->hasAnotherAnalyst($person)) {
            throw new ShopError(
                "{$person->name} is the only analyst. Make somebody else one first: without one nobody can let people in, and "
                    .'nothing is signed.',
                422,
            );
        }
    }
}
