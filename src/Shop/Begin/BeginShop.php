<?php

declare(strict_types=1);

namespace App\Shop\Begin;

use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\OurShop;
use App\Account\People\PasswordError;
use App\Account\People\Passwords;
use App\Account\Role;
use App\Account\ShopKind;
use App\Account\User;
use App\Platform\OneNode;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** An empty shop gets its settings and its first analyst, from whoever holds the key that the launcher printed. */
final readonly class BeginShop
{
    public function __construct(
        private OurShop $shop,
        private EntityManagerInterface $entityManager,
        private Passwords $passwords,
        private SecurityLog $log,
        private OneNode $one,
        #[Autowire('%kernel.secret%')]
        private string $secret,
    ) {
    }

    /** What the launcher prints: only who can read the program's own folder knows it. */
    public function key(): string
    {
        return substr(hash_hmac('sha256', 'begin a shop', $this->secret), 0, 32);
    }

    /** @throws ShopError where there is nothing to begin, or for somebody without the key */
    public function mustBe(string $key): void
    {
        if ($this->shop->hasBegun()) {
            throw new ShopError('This shop has begun already. Sign in, or ask its analyst for a link.', 410);
        }
        if (!hash_equals($this->key(), $key)) {
            throw new ShopError(
                'This shop is empty and waits for whoever set it up: open the address that ./japhrex start --shop has printed, with '
                    .'its key.',
                403,
            );
        }
    }

    /**
     * The settings are those that the form has filled.
     *
     * @throws PasswordError
     * @throws ShopError where somebody else was quicker
     */
    public function begin(FirstAnalyst $typed): User
    {
        $analyst = new User($typed->username, trim($typed->name), Role::Analyst, $this->shop->units());
        $this->passwords->set($analyst, $typed->password);

        return $this->one->during('begin', function () use ($analyst): ?User {
            if ($this->shop->hasBegun()) {
                return null;
            }
            $this->shop->settings()->kind = ShopKind::Shop;
            $this->entityManager->persist($analyst);
            $this->entityManager->flush();
            $this->log->note(SecurityEvent::People, $analyst, "began the shop as {$analyst->username}");

            return $analyst;
        }) ?? throw new ShopError('Somebody else has begun this shop a moment ago. Sign in, or ask its analyst for a link.', 409);
    }
}
