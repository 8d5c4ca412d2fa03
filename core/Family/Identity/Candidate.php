<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Family\Model;

/** A model that a unit may be. */
final readonly class Candidate
{
    /**
     * @param Model|null $model null: none of those that are known
     * @param float $share of the whole
     * @param list<Fit> $fits one for each thing that was seen
     */
    public function __construct(public ?Model $model, public float $share, public array $fits)
    {
    }

    public function of(float $all): self
    {
        return new self($this->model, $all > 0 ? $this->share / $all : 0.0, $this->fits);
    }

    /** Is there more to it than one in two hundred? What is less is not offered. */
    public function isPossible(): bool
    {
        return $this->share >= 0.005;
    }

    /** Is it more likely than all the others together? */
    public function leads(): bool
    {
        return $this->share > 0.5;
    }

    /** Its share as it is shown. */
    public function percent(): string
    {
        return $this->isPossible() ? round($this->share * 100).' %' : 'below 1 %';
    }

    public function name(): string
    {
        return $this->model?->name() ?? 'none of these';
    }

    /** @return list<Fit> what speaks against it */
    public function against(): array
    {
        return array_values(array_filter($this->fits, static fn (Fit $one): bool => false === $one->agrees));
    }

    /** @return list<Fit> what goes with it */
    public function for(): array
    {
        return array_values(array_filter($this->fits, static fn (Fit $one): bool => true === $one->agrees));
    }
}
