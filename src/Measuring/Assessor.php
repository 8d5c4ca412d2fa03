<?php

declare(strict_types=1);

namespace App\Measuring;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FieldReadings;
use Japhrex\Core\Measuring\Size;

/** Readings as they are stored, for the core's rules. */
final readonly class Assessor
{
    /** Null where what is stored cannot be read any more: it is shown, and judged by nobody. */
    public function readings(Field $field, Reading $reading): ?FieldReadings
    {
        try {
            return FieldReadings::typed(
                $field,
                $reading->typed,
                $reading->places,
                $reading->zero,
                $reading->gaugeResolution,
                $reading->gaugeExpanded,
            );
        } catch (\DomainException) {
            return null;
        }
    }

    /** The size at the place with the least room to its limit; without a limit the first. */
    public function size(Field $field, Reading $reading): ?Size
    {
        $readings = $this->readings($field, $reading);
        $limits = $field->limits();
        if (null === $readings) {
            return null;
        }
        if (null === $limits) {
            return $readings->sizes()[0]->size;
        }
        $worst = $readings->judge($limits)->atWorst();

        return new Size($worst->mean, $worst->u);
    }
}
