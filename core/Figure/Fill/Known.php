<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Dimension;

/** A reading or fact as a source of figures. */
final readonly class Known
{
    /**
     * @param float $si its best value; over several places their mean
     * @param float $u its standard uncertainty, SI; 0 for a fact
     * @param string $unit in which it was typed
     * @param string $name what it is called
     * @param string $typed a fact as typed; empty for what was read
     * @param list<PlaceSize> $at the sizes at several places; none where there is one
     * @param int $worst which of them has the least room to its limit
     * @param list<string> $unread places that were not read yet
     */
    public function __construct(
        public float $si,
        public float $u,
        public Dimension $dimension,
        public string $unit,
        public string $name,
        public string $typed = '',
        public array $at = [],
        public int $worst = 0,
        public array $unread = [],
    ) {
    }

    /**
     * @param non-empty-list<PlaceSize> $at
     * @param list<string> $unread
     */
    public static function at(array $at, int $worst, array $unread, Dimension $dimension, string $unit, string $name): self
    {
        $mean = array_sum(array_map(static fn (PlaceSize $one): float => $one->size->x, $at)) / \count($at);
        $u = max(array_map(static fn (PlaceSize $one): float => $one->size->u, $at));

        return new self($mean, $u, $dimension, $unit, $name, at: \count($at) > 1 ? $at : [], worst: $worst, unread: $unread);
    }

    /** The value (SI) that is taken; null takes what there is, of several places their mean. */
    public function take(?Take $take): float
    {
        $sizes = array_map(static fn (PlaceSize $one): float => $one->size->x, $this->at);

        return [] === $sizes ? $this->si : match ($take) {
            Take::Least => min($sizes),
            Take::Largest => max($sizes),
            Take::Worst => $sizes[$this->worst],
            Take::Mean, Take::Each, null => $this->si,
        };
    }

    /** The same size at one of its places. */
    public function onlyAt(int $place): self
    {
        return new self($this->at[$place]->size->x, $this->at[$place]->size->u, $this->dimension, $this->unit, $this->name);
    }

    /** What the places have in common moved: a zero, a scale. */
    public function movedBy(float $si): self
    {
        $at = array_map(
            static fn (PlaceSize $one): PlaceSize => new PlaceSize($one->place, new Size($one->size->x + $si, $one->size->u)),
            $this->at,
        );

        return new self(
            $this->si + $si,
            $this->u,
            $this->dimension,
            $this->unit,
            $this->name,
            at: $at,
            worst: $this->worst,
            unread: $this->unread,
        );
    }

    /** @return list<string> the names of its places */
    public function places(): array
    {
        return array_map(static fn (PlaceSize $one): string => $one->place, $this->at);
    }
}
