<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Platform\Identified;
use App\Repair\Repository\PriceRowRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\Supply;
use Symfony\Component\Uid\Uuid;

/** A line of the price list of a supplier. */
#[ORM\Entity(repositoryClass: PriceRowRepository::class)]
#[ORM\Table(name: 'price')]
#[ORM\Index(columns: ['family'])]
class PriceRow implements Audited
{
    use DoneBy;
    use Identified;

    #[ORM\Column(length: 60)]
    public string $family;

    #[ORM\Column(length: 60)]
    public string $part;

    #[ORM\Column]
    public bool $upgrade;

    /** As written, such as 86.00 EUR. */
    #[ORM\Column(length: 40)]
    public string $price;

    #[ORM\Column(type: 'smallint')]
    public int $days;

    #[ORM\Column(length: 10, enumType: Supply::class)]
    public Supply $supply;

    #[ORM\Column(length: 80)]
    public string $number;

    public function __construct(
        /** Name of the list; a list of the same name takes its place. */
        #[ORM\Column(length: 80)]
        public string $list,
        Price $price,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        [$this->family, $this->part, $this->upgrade, $this->price, $this->days, $this->supply, $this->number] = [
            $price->family,
            $price->part,
            $price->upgrade,
            $price->price->format(),
            $price->days,
            $price->supply,
            mb_substr($price->number, 0, 80),
        ];
    }

    public function price(): Price
    {
        return new Price($this->family, $this->part, $this->upgrade, Money::parse($this->price), $this->days, $this->supply, $this->number);
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Price of '.$this->part.' ('.$this->family.')';
    }
}
