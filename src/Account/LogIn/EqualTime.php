<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\User;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;

/** A name that does not exist takes as long to refuse as a wrong password: how long it took tells nobody which names there are. */
final readonly class EqualTime
{
    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    /** Before anybody else asks for the person: whoever finds none first ends it there. */
    #[AsEventListener(priority: 300)]
    public function check(CheckPassportEvent $event): void
    {
        $credentials = $event->getPassport()->getBadge(PasswordCredentials::class);
        if (!$credentials instanceof PasswordCredentials || $credentials->isResolved()) {
            return;
        }
        try {
            $person = $event->getPassport()->getUser();
            $unset = $person instanceof User && '' === $person->password;
        } catch (UserNotFoundException $nobody) {
            $this->spend($credentials);
            throw $nobody;
        }
        if ($unset) {
            $this->spend($credentials);
        }
    }

    private function spend(PasswordCredentials $credentials): void
    {
        $typed = mb_strcut($credentials->getPassword(), 0, 4096);
        $this->hashers->getPasswordHasher(User::class)->hash('' === $typed ? 'none' : $typed);
    }
}
