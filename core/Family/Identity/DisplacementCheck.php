<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Family\Model;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Quantity;

/** What the parts that lie on the bench move a revolution, against what the plate says. */
final readonly class DisplacementCheck
{
    /** What a plate rounds, and what the formula of a book does not know of the unit (undercuts, clearances): guess. */
    private const ROUNDED = 0.05;

    /**
     * @param list<string> $measured names of what it rests on
     * @param list<string> $assumed names of what was taken from the book
     * @param string $look what a difference asks; empty: there is none
     */
    private function __construct(
        public Size $moves,
        public Quantity $plate,
        public array $measured,
        public array $assumed,
        public string $look,
    ) {
    }

    /**
     * Null while nothing of it was measured, or something is known from nowhere, or what was measured makes no pump.
     *
     * @param array<string, Feature> $features
     * @param array<string, Value> $seen
     * @param Quantity $plate displacement that the plate says
     */
    public static function of(
        Displacement $how,
        array $features,
        array $seen,
        ?Model $model,
        Quantity $plate,
        Filler $filler,
    ): ?self {
        $sources = new SeenSources($features, $seen, $model);
        $size = $filler->derive($how->fill, $sources)->size;
        if (null === $size || [] === $sources->measured) {
            return null;
        }
        $off = $size->x - $plate->si;
        $isOff = abs($off) > max(2 * $size->u, self::ROUNDED * $plate->si);

        return new self(
            $size,
            $plate,
            array_keys($sources->measured),
            array_keys($sources->assumed),
            $isOff ? ($off > 0 ? $how->larger : $how->smaller) : '',
        );
    }

    public function isOff(): bool
    {
        return '' !== $this->look;
    }

    /** In whole per cent, for a reader: "21 % more". */
    public function says(): string
    {
        return \sprintf('%.0f %% %s', abs($this->by()) * 100, $this->by() > 0 ? 'more' : 'less');
    }

    /** The expanded uncertainty (k = 2) of what they move, SI. */
    public function expanded(): float
    {
        return 2 * $this->moves->u;
    }

    /** By which share the parts move more than the plate says; less where it is below nought. */
    public function by(): float
    {
        return $this->moves->x / $this->plate->si - 1;
    }
}
