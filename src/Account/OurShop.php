<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Repository\ShopSettingsRepository;
use App\Account\Repository\UserRepository;
use App\Platform\StoredFiles;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Messenger\Event\WorkerMessageReceivedEvent;
use Symfony\Contracts\Service\ResetInterface;

/** The shop whose program this is: its name on every page and paper, its time zone, its habits. Templates know it as `shop`. */
final class OurShop implements ResetInterface
{
    private ?ShopSettings $settings = null;

    public function __construct(
        private readonly ShopSettingsRepository $inForce,
        private readonly StoredFiles $stored,
        private readonly UserRepository $people,
    ) {
    }

    public function settings(): ShopSettings
    {
        return $this->settings ??= $this->inForce->only();
    }

    /** Whether anybody can sign in: an empty shop begins with its settings and its first analyst. */
    public function hasBegun(): bool
    {
        return 0 < $this->people->count();
    }

    public function name(): string
    {
        return $this->settings()->name;
    }

    public function address(): string
    {
        return $this->settings()->address;
    }

    public function currency(): string
    {
        return $this->settings()->currency;
    }

    /**
     * An amount as typed; one without a currency is in the shop's.
     *
     * @throws MoneyError saying what was expected
     */
    public function money(string $typed): Money
    {
        return Money::parse($typed, $this->currency());
    }

    /** In which people read until they choose, and in which papers are printed. */
    public function units(): UnitSystem
    {
        return $this->settings()->units;
    }

    /** The logo for a paper, which is made without a server beside it; empty: there is none. */
    public function logoAsData(): string
    {
        $logo = $this->settings()->logo;

        return null === $logo
            ? ''
            : 'data:'.$this->settings()->logoType.';base64,'
                .base64_encode((string) stream_get_contents($this->stored->open(ShopSettings::AREA, $logo)));
    }

    /** Times are shown, and days begin, in the zone of the shop. */
    #[AsEventListener(KernelEvents::REQUEST, priority: 200)]
    #[AsEventListener(WorkerMessageReceivedEvent::class)]
    public function keepTime(): void
    {
        date_default_timezone_set($this->settings()->zone);
        if (Clock::get() instanceof NativeClock) {
            Clock::set(new NativeClock($this->settings()->zone));
        }
    }

    public function reset(): void
    {
        $this->settings = null;
    }
}
