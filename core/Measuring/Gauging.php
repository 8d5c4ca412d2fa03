<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** How a size was read: what the gauge resolves, how sure it is, and what it showed on its zero check. */
final readonly class Gauging
{
    /** For how long a zero check goes with the readings after it, in seconds. */
    public const ZERO_HOLDS = 7200;

    /**
     * The step of typed figures, by their last digit: all that is known of a resolution where no gauge is named.
     *
     * @param list<string> $typed values with their unit
     *
     * @throws \Japhrex\Core\Quantity\QuantityError naming what cannot be read
     */
    public static function stepOf(array $typed, Dimension $dimension): Quantity
    {
        $decimals = 0;
        $unit = '';
        foreach ($typed as $text) {
            if (1 === preg_match('/[.,](\d+)/', $text, $m)) {
                $decimals = max($decimals, \strlen($m[1]));
            }
            $unit = Quantity::parse($text, $dimension)->typedUnit;
        }

        return Quantity::of(10 ** -$decimals, $unit, $dimension->difference());
    }

    /**
     * @param Quantity $resolution smallest step of the gauge; 0 allowed
     * @param Quantity|null $expanded expanded uncertainty U (k = 2) of the gauge
     * @param Quantity|null $zero what it showed on zero, where that was checked
     *
     * @throws MeasuringError if the resolution or the uncertainty is negative
     */
    public function __construct(public Quantity $resolution, public ?Quantity $expanded = null, public ?Quantity $zero = null)
    {
        if ($resolution->si < 0) {
            throw MeasuringError::resolution();
        }
        if (null !== $expanded && $expanded->si < 0) {
            throw MeasuringError::uncertainty();
        }
    }
}
