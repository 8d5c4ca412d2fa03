<?php

declare(strict_types=1);

namespace App\Memory\About;

/** What has a page of its own over all its cases. */
enum AboutWhat: string
{
    case Customer = 'customer';
    case Machine = 'machine';
    case Model = 'model';
    case Serial = 'serial';

    public function label(): string
    {
        return match ($this) {
            self::Customer => 'Customer', self::Machine => 'Machine', self::Model => 'Model', self::Serial => 'Serial',
        };
    }

    /** The line that asks for its cases; of a machine with whose it is. */
    public function line(string $is, string $of): string
    {
        $whole = static fn (string $field, string $name): string => $field.'="'.str_replace('"', '', $name).'"';

        return match ($this) {
            self::Machine => $whole('customer', $of).' '.$whole('unit', $is),
            default => $whole($this->value, $is),
        };
    }
}
