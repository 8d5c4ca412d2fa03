<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\OriginWords;
use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;

/** Conditions by their name in a book, with how often each is there by itself. */
final readonly class SpotFactory
{
    /** @param BaseRates|null $rates what this shop has seen; null: the book alone */
    public function __construct(
        private Book $book,
        private ModeCatalogue $modes,
        private Vocabulary $vocabulary,
        private ?BaseRates $rates,
        private Facts $facts,
    ) {
    }

    /** @param string $at part, or part/surface */
    public function damage(string $mode, string $at): Spot
    {
        $name = $this->modes->get($mode)->name ?? $this->vocabulary->extra[$mode] ?? $mode;

        return new Spot(
            'damage',
            $mode,
            $at,
            $name.', '.$this->placeName($at),
            $this->vocabulary->leaks[$mode] ?? $this->vocabulary->weights->leak,
            $this->vocabulary->found[$mode] ?? $this->vocabulary->weights->found,
        );
    }

    public function complaint(string $key): Spot
    {
        return new Spot('complaint', $key, null, $this->book->complaints[$key]->name ?? $key, $this->vocabulary->weights->unexplained);
    }

    /** @return Spot|null null: nobody knows it, or it cannot be in what this unit runs on */
    public function state(string $key, ?string $place): ?Spot
    {
        $known = $this->vocabulary->states[$key] ?? null;
        $leak = 'part' === $known?->spread ? $this->vocabulary->weights->partState : $this->vocabulary->weights->state;

        return null === $known ? null : $this->spread('state', $key, $known->name, $known->spread, $place, $leak);
    }

    /** @return Spot|null null: nobody knows it, or it cannot be in what this unit runs on */
    public function origin(string $key, ?string $place): ?Spot
    {
        $known = $this->vocabulary->origins[$key] ?? null;

        return null === $known || !$known->canBeIn($this->book)
            ? null
            : $this->spread('origin', $key, $known->name, $known->spread, $place, $this->chance($key, $known));
    }

    private function chance(string $key, OriginWords $origin): float
    {
        $weights = $this->vocabulary->weights;

        return min(0.5, $origin->prior * ($this->rates?->factor($key) ?? 1.0)
            * ($origin->takesTime ? 1.0 : Circumstances::factor($this->facts, $weights, $origin->kind, 'part' === $origin->spread))
            * ($origin->atOnce ? Circumstances::atOnce($this->facts, $weights) : 1.0));
    }

    private function spread(string $kind, string $key, string $name, string $spread, ?string $place, float $leak): Spot
    {
        $at = 'part' === $spread && null !== $place ? CarrierPlaces::partOf($place) : null;

        return new Spot($kind, $key, $at, $name.(null === $at ? '' : ', '.$this->placeName($at)), $leak, 1.0);
    }

    private function placeName(string $place): string
    {
        [$key, $surface] = explode('/', $place) + [1 => null];
        $part = $this->book->parts[$key] ?? null;

        return null === $part ? $place : lcfirst($part->name).(null === $surface ? '' : ', '.lcfirst($part->surfaceName($surface)));
    }
}
