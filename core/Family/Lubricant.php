<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a part is wetted with as it goes in. The key of the book => the words on the sheet. */
enum Lubricant: string
{
    case Oil = 'oil';
    case Grease = 'grease';
    case AssemblyFluid = 'assembly-fluid';
    case Product = 'product';
    case Water = 'water';
    case TestOil = 'test-oil';

    public function label(): string
    {
        return match ($this) {
            self::Oil => 'Clean oil',
            self::Grease => 'Grease',
            self::AssemblyFluid => 'Assembly fluid',
            self::Product => 'The product',
            self::Water => 'Clean water',
            self::TestOil => 'Test oil',
        };
    }
}
