<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** A value measured in a picture: with its uncertainty, and what it holds for. */
final readonly class Measured
{
    /**
     * @param float $value in `unit`
     * @param float $standard standard uncertainty, in `unit`
     * @param string $unit mm, mm2, deg, % or nothing for a count
     * @param array<string, float> $more further results of the same measure, name => value in its unit
     */
    public function __construct(
        public MeasureKind $kind,
        public float $value,
        public float $standard,
        public string $unit,
        public string $holdsFor,
        public array $more = [],
    ) {
    }

    /** Expanded uncertainty for a coverage of 95 % (k = 2, GUM 6.3.3). */
    public function expanded(): float
    {
        return 2 * $this->standard;
    }
}
