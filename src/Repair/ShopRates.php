<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Platform\Identified;
use App\Repair\Repository\ShopRatesRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\Rates;
use Symfony\Component\Uid\Uuid;

/** What the shop reckons with, since a day. The last counts; offers keep those that they were made with. */
#[ORM\Entity(repositoryClass: ShopRatesRepository::class)]
#[ORM\Table(name: 'shop_rates')]
class ShopRates implements Audited
{
    use DoneBy;
    use Identified;

    public function __construct(
        /** A bench hour without tax, as written. */
        #[ORM\Column(length: 40)]
        public string $hour,
        /** Hundredths of a percent. */
        #[ORM\Column(type: 'smallint')]
        public int $tax,
        #[ORM\Column]
        public float $hoursADay,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function rates(): Rates
    {
        return new Rates(Money::parse($this->hour), $this->tax, $this->hoursADay);
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Rates';
    }
}
