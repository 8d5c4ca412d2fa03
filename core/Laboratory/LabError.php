<?php

declare(strict_types=1);

namespace Japhrex\Core\Laboratory;

/** A value or a table of a laboratory that cannot be read. */
final class LabError extends \DomainException
{
    public static function noNumber(Analyte $analyte, string $typed): self
    {
        $unit = '' === $analyte->unit ? 'its unit' : $analyte->unit;

        return new self(\sprintf('%s: "%s" is no number; expected one in %s, as 46.2 or <5.', $analyte->name, $typed, $unit));
    }

    public static function noCode(Analyte $analyte, string $typed): self
    {
        return new self(\sprintf('%s: "%s" is no code; expected two or three classes, as 18/16/13 or -/16/13.', $analyte->name, $typed));
    }

    public static function noTable(): self
    {
        return new self('No line of it has a name and a value; expected lines such as "Iron;48;mg/kg".');
    }
}
