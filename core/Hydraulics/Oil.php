<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/**
 * An oil by its viscosities at 40 °C and 100 °C and its density at 15 °C.
 *
 * Source: ASTM D341 (log₁₀log₁₀(ν + 0.7) is straight over log₁₀T, ν in cSt, T in kelvin); density by a common
 * thermal expansion of 0.00065/K.
 */
final readonly class Oil
{
    private const T40 = 313.15;
    private const T100 = 373.15;
    private const EXPANSION = 0.00065;

    private float $a;
    private float $b;

    /**
     * @param float $v40 kinematic viscosity at 40 °C, m²/s
     * @param float $v100 at 100 °C, m²/s
     * @param float $density at 15 °C, kg/m³
     *
     * @throws HydraulicsError unless v40 > v100 > 0.3 cSt
     */
    public function __construct(float $v40, float $v100, private float $density = 0.0)
    {
        if ($v100 * 1e6 <= 0.3 * (1 + 1e-9)) {
            throw HydraulicsError::tooThin();
        }
        if ($v40 <= $v100 * (1 + 1e-9)) {
            throw HydraulicsError::thickerHot();
        }
        $y40 = self::doubleLog($v40);
        $this->b = ($y40 - self::doubleLog($v100)) / (log10(self::T100) - log10(self::T40));
        $this->a = $y40 + $this->b * log10(self::T40);
    }

    /**
     * @param float $celsius from −40 to 200
     *
     * @throws HydraulicsError if the oil would be solid there
     */
    public function at(float $celsius): OilState
    {
        $v = 10 ** (10 ** ($this->a - $this->b * log10($celsius + 273.15))) - 0.7;
        if (!($v < 1e9)) {
            throw HydraulicsError::doesNotFlow($celsius);
        }

        return new OilState($v * 1e-6, $this->density * (1 - self::EXPANSION * ($celsius - 15)));
    }

    private static function doubleLog(float $v): float
    {
        return log10(log10($v * 1e6 + 0.7));
    }
}
