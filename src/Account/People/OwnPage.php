<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\Code\SecondFactors;
use App\Account\LogIn\Sessions;
use App\Account\Repository\SignedInRepository;
use App\Account\User;

use function Symfony\Component\Clock\now;

/** What a person sees of the own ways in. */
final readonly class OwnPage
{
    public function __construct(private SecondFactors $factors, private SignedInRepository $signedIn, private Sessions $sessions)
    {
    }

    /** @return array<string, mixed> what `account/me.html.twig` needs beside its form */
    public function gather(User $person): array
    {
        return [
            'hasCode' => $this->factors->has($person),
            'sessions' => $this->signedIn->open($person, now()),
            'here' => $this->sessions->here(),
            'fewest' => Passwords::FEWEST,
        ];
    }
}
