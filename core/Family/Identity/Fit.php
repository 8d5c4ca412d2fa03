<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Quantity\Quantity;

/** How one thing that was seen goes with one model. */
final readonly class Fit
{
    /**
     * @param Value|null $should what the model has; null: nobody says
     * @param float $weight how often it would be found so in that model; of a size a density, per SI unit
     * @param bool|null $agrees null: nobody says what it should be
     */
    public function __construct(
        public Feature $feature,
        public Value $seen,
        public ?Value $should,
        public float $weight,
        public ?bool $agrees,
    ) {
    }

    /** For a reader: "26.02 mm against 26 mm", and by how much it is off. */
    public function says(): string
    {
        if (null === $this->should) {
            return \sprintf('%s: nothing to compare', $this->seen->typed);
        }
        $says = \sprintf('%s against %s', $this->seen->typed, $this->should->typed);
        if (true === $this->agrees || null === $this->seen->si || null === $this->should->si || null === $this->feature->dimension) {
            return $says;
        }
        $off = $this->seen->si - $this->should->si;
        $unit = $this->feature->isCount() ? '' : Quantity::parse($this->seen->typed, $this->feature->dimension)->typedUnit;
        if ('' === $unit) {
            return \sprintf('%s: %d too %s', $says, abs($off), $off > 0 ? 'many' : 'few');
        }
        $amount = rtrim(rtrim(\sprintf('%.3f', abs(Quantity::si($off, $this->feature->dimension)->in($unit))), '0'), '.');

        return \sprintf('%s: %s %s too %s', $says, $amount, $unit, $off > 0 ? 'large' : 'small');
    }
}
