<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** What a customer can choose between. */
enum OptionKind: string
{
    case AsItWas = 'as-it-was';
    case Cured = 'cured';

    /** New parts where the plan machines old ones. */
    case Renewed = 'renewed';

    /** Parts of another unit of the same model. */
    case Donor = 'donor';

    /** Where the machine stands, without press, stand and clean bench. */
    case Field = 'field';
    case Exchange = 'exchange';

    /** Another size of the same family. */
    case OtherSize = 'other-size';
    case NotWorth = 'not-worth';

    public function label(): string
    {
        return match ($this) {
            self::AsItWas => 'Repaired as it was',
            self::Cured => 'Repaired, and the weak point cured',
            self::Renewed => 'Repaired with new parts in the place of machined ones',
            self::Donor => 'Repaired with parts of a donor unit',
            self::Field => 'Repaired in the field',
            self::Exchange => 'An exchange unit',
            self::OtherSize => 'A unit of another size',
            self::NotWorth => 'Not repaired',
        };
    }

    /** What stays a risk of it whatever failed; empty: nothing beyond what failed. */
    public function risk(): string
    {
        return match ($this) {
            self::Donor => 'How long the donor ran and on which oil nobody knows: every part of it is read before it goes in, and '
                .'one that is worn makes the price of the new one.',
            self::Field => 'No press, no clean bench, no stand: a bush that is driven in with a mallet stands askew, dirt gets in, '
                .'and the proof is made in the machine alone.',
            self::OtherSize => 'Flow, torque and the fit are others: drive, lines, relief valve and guard have to be looked at '
                .'before it is ordered.',
            default => '',
        };
    }

    /** What has to be there for it; empty: nothing. */
    public function needs(): string
    {
        return match ($this) {
            self::Cured => 'No part is to be upgraded. Decide on its page which part is replaced by a better one.',
            self::Renewed => 'No part is machined that a new one with a price could take the place of.',
            self::Donor => \sprintf('No price of a donor unit is known. Give it in a price list, with the part “%s”.', Price::DONOR),
            self::Field => 'Parts are machined: that is not done in the field.',
            self::Exchange => \sprintf(
                'No price of an exchange unit is known. Give it in a price list, with the part “%s”.',
                Price::WHOLE_UNIT,
            ),
            self::OtherSize => \sprintf(
                'No price of another model is known. Give it in a price list, with the part “%sMODEL”.',
                Price::MODEL,
            ),
            default => '',
        };
    }
}
