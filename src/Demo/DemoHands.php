<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\OurShop;
use App\Account\User;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Authentication\Token\UsernamePasswordToken;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Whose hands do the next thing in the demo, and when: the actions see a person signed in, and the clock of that day. */
final readonly class DemoHands
{
    public function __construct(private TokenStorageInterface $tokens, private OurShop $shop, private ValidatorInterface $validator)
    {
    }

    public function use(User $who, \DateTimeImmutable $at): User
    {
        Clock::set(new MockClock($at, $this->shop->settings()->zone));
        $this->tokens->setToken(new UsernamePasswordToken($who, 'main', $who->getRoles()));

        return $who;
    }

    /** A customer has a link and no log-in. */
    public function customer(): void
    {
        $this->tokens->setToken(null);
    }

    /** @param string $after such as `2 minutes` */
    public function wait(string $after): \DateTimeImmutable
    {
        $at = Clock::get()->now()->modify('+'.$after);
        Clock::set(new MockClock($at, $this->shop->settings()->zone));

        return $at;
    }

    public function rest(): void
    {
        Clock::set(new NativeClock($this->shop->settings()->zone));
        $this->tokens->setToken(null);
    }

    /**
     * What a form would refuse the demo does not write either.
     *
     * @template T of object
     *
     * @param T $thing
     *
     * @return T
     *
     * @throws \LogicException saying what is wrong with it
     */
    public function sound(object $thing): object
    {
        $wrong = $this->validator->validate($thing);

        return 0 === \count($wrong) ? $thing : throw new \LogicException($thing::class.' of the demo: '.$wrong->get(0)->getMessage());
    }
}
