<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\Permission;

/** What a table that comes in holds. */
enum TableKind: string
{
    case Cases = 'cases';
    case Readings = 'readings';
    case Findings = 'findings';

    public function permission(): string
    {
        return self::Cases === $this ? Permission::TAKE_IN : Permission::BENCH;
    }

    /** Route of the page on which it is seen. */
    public function page(): string
    {
        return match ($this) {
            self::Cases => 'cases',
            self::Readings => 'readings',
            self::Findings => 'parts',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Cases => 'Cases',
            self::Readings => 'Readings',
            self::Findings => 'Finds',
        };
    }
}
