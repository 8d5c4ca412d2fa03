<?php

declare(strict_types=1);

namespace App\Identity;

use Japhrex\Core\Family\Identity\Candidate;
use Japhrex\Core\Family\Identity\DisplacementCheck;

/** What was measured and seen of a unit, and what it tells. */
final readonly class Told
{
    /**
     * @param array<string, FeatureRow> $rows by key of the feature
     * @param list<Candidate> $candidates best first; none while nothing was measured
     * @param string $plate maker and model that were taken as what the plate says
     * @param DisplacementCheck|null $moves null: there is nothing to compare
     */
    public function __construct(public array $rows, public array $candidates, public string $plate, public ?DisplacementCheck $moves)
    {
    }

    public function best(): ?Candidate
    {
        return $this->candidates[0] ?? null;
    }

    /** Is it told to be another than the plate says? */
    public function speaksAgainstPlate(): bool
    {
        $best = $this->best();

        return '' !== $this->plate && true === $best?->leads() && true !== $best->model?->isCalled($this->plate);
    }

    /** @return list<FeatureRow> of which something is known */
    public function known(): array
    {
        return array_values(array_filter($this->rows, static fn (FeatureRow $row): bool => null !== $row->value()));
    }

    /** What it rests on, in a line: kept with the model that is taken. */
    public function because(string $name): string
    {
        foreach ($this->candidates as $one) {
            if ($one->name() === $name) {
                return implode('; ', array_map(static fn ($fit): string => $fit->feature->name.' '.$fit->says(), $one->for()));
            }
        }

        return '';
    }
}
