<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** One result: a number with its unit, a text, yes or no, or a list of these. */
final readonly class Result
{
    /**
     * @param float|int|string|bool|list<float>|list<int>|list<string> $value
     * @param string|null $unit none for texts and yes or no; '' for a bare number
     * @param Dimension|null $dimension by which a screen may show it in another unit
     * @param string $per the unit after the stroke, of a rate
     */
    public function __construct(
        public float|int|string|bool|array $value,
        public ?string $unit = null,
        public ?Dimension $dimension = null,
        public string $per = '',
    ) {
    }

    /** The numbers in SI (of a rate: per `per`), for a screen that shows them in the person's units.
     * @return list<float>
     */
    public function si(): array
    {
        if (null === $this->dimension || null === $this->unit) {
            return [];
        }
        $unit = Units::named('' === $this->per ? $this->unit : explode('/', $this->unit)[0], $this->dimension);
        $si = [];
        foreach (\is_array($this->value) ? $this->value : [$this->value] as $value) {
            if (\is_float($value) || \is_int($value)) {
                $si[] = $unit->toSi((float) $value);
            }
        }

        return $si;
    }

    /** @return array{value: float|int|string|bool|list<float>|list<int>|list<string>, unit?: string} */
    public function asData(): array
    {
        return null === $this->unit ? ['value' => $this->value] : ['value' => $this->value, 'unit' => $this->unit];
    }
}
