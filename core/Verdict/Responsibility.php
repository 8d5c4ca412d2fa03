<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict;

/** Who carries the origin. */
enum Responsibility: string
{
    case Maker = 'maker';
    case LastBuilder = 'last-builder';
    case Installer = 'installer';
    case Operator = 'operator';
    case Maintenance = 'maintenance';
    case PartSupplier = 'part-supplier';
    case Design = 'design';
    case WearOut = 'wear-out';
    case Undetermined = 'undetermined';

    public function label(): string
    {
        return match ($this) {
            self::Maker => 'Maker',
            self::LastBuilder => 'Last builder',
            self::Installer => 'Installer',
            self::Operator => 'Operator',
            self::Maintenance => 'Maintenance',
            self::PartSupplier => 'Supplier of a part',
            self::Design => 'Design',
            self::WearOut => 'Wear-out',
            self::Undetermined => 'Undetermined',
        };
    }
}
