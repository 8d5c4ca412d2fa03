<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Quantity\Money;

/** A line of a price list. */
final readonly class Price
{
    public const WHOLE_UNIT = 'unit';

    /** A used unit of the same model that is taken apart for its parts. */
    public const DONOR = 'donor';

    /** A whole kit, with its key after it. */
    public const KIT = 'kit:';

    /** What one side of a choice costs more (a seal of another kind), as `choice:CHOICE/SIDE`. */
    public const CHOICE = 'choice:';

    /** A new unit of another model of the family, with its name after it. */
    public const MODEL = 'unit:';

    /**
     * @param string $family key of the book
     * @param string $part key of the part; `unit`: an exchange unit
     * @param bool $upgrade the better version of the part
     * @param Money $price of one, without tax
     * @param int $days until it is here
     */
    public function __construct(
        public string $family,
        public string $part,
        public bool $upgrade,
        public Money $price,
        public int $days,
        public Supply $supply,
        public string $number = '',
    ) {
    }
}
