<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\OurShop;
use App\Account\User;
use App\Repair\Form\RatesInput;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RatesError;

/** What a bench hour costs from now on; the rates before it stay. */
final readonly class KeepRates
{
    public function __construct(private EntityManagerInterface $entityManager, private OurShop $shop)
    {
    }

    /**
     * @throws RatesError
     * @throws MoneyError
     */
    public function __invoke(RatesInput $typed, User $who): void
    {
        $rates = Rates::typed($typed->hour, $typed->tax, $typed->hoursADay, $this->shop->currency());
        $this->entityManager->persist(new ShopRates($rates->hour->format(), $rates->tax, $rates->hoursADay, $who));
        $this->entityManager->flush();
    }
}
