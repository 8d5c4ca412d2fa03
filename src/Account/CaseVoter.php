<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Vote;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Says who may do what to a case.
 *
 * @extends Voter<string, mixed>
 */
final class CaseVoter extends Voter
{
    protected function supports(string $attribute, mixed $subject): bool
    {
        return isset(Permission::roles()[$attribute]);
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token, ?Vote $vote = null): bool
    {
        $user = $token->getUser();

        return $user instanceof User && \in_array($user->role, Permission::roles()[$attribute], true);
    }
}
