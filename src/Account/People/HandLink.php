<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\OurShop;
use App\Account\User;
use App\Platform\Letters;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Gets a link for a password to whom it is for: by mail, or else by whoever made it. */
final readonly class HandLink
{
    public function __construct(
        private PasswordLinks $links,
        private Letters $letters,
        private UrlGeneratorInterface $urls,
        private OurShop $shop,
    ) {
    }

    /** @return string|null what the link ends in, to be shown this once; null: it went by mail */
    public function give(User $person, User $by): ?string
    {
        $token = $this->links->make($person, $by);
        $address = $this->urls->generate('welcome', ['token' => $token], UrlGeneratorInterface::ABSOLUTE_URL);
        $days = PasswordLinks::DAYS;
        $went = $this->letters->send($person->mail, "Your password at {$this->shop->name()}", <<<TEXT
            {$person->name},

            choose your password at {$this->shop->name()} here:

            $address

            The link works once, for $days days. You sign in as {$person->username}. If you did not expect this, tell {$by->name}.
            TEXT);

        return $went ? null : $token;
    }
}
