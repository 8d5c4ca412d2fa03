<?php

declare(strict_types=1);

namespace App\Figures;

use App\Intake\Complaint;
use Japhrex\Core\Family\LeakRoute;
use Japhrex\Core\Hydraulics\ComplaintFit;
use Japhrex\Core\Hydraulics\WearPattern;

/** The complaint check of a case: the gaps it was asked with, what it answered, how that goes with each complaint. */
final readonly class WearChecked
{
    /**
     * @param list<array{route: LeakRoute, found: string|null, from: list<string>}> $routes found: null while not measured, then it counts as new
     * @param list<array{complaint: Complaint, fit: ComplaintFit}> $fits of the complaints that leaking could explain
     */
    public function __construct(public Asked $asked, public array $routes, public ?WearPattern $pattern, public array $fits)
    {
    }

    /** How many gaps are known as found. */
    public function known(): int
    {
        return \count(array_filter($this->routes, static fn (array $one): bool => null !== $one['found']));
    }

    /** Does one answer wait for readings? */
    public function isProvisional(): bool
    {
        return $this->known() < \count($this->routes);
    }

    /** @return array<string, array{new: \Japhrex\Core\Figure\Result, found: \Japhrex\Core\Figure\Result}> held pressures by state */
    public function held(): array
    {
        $held = [];
        $results = $this->asked->outcome?->results() ?? [];
        foreach (['cold-idle', 'cold-working', 'hot-idle', 'hot-working'] as $state) {
            if (isset($results[$state.'-new'], $results[$state.'-found'])) {
                $held[$state] = ['new' => $results[$state.'-new'], 'found' => $results[$state.'-found']];
            }
        }

        return $held;
    }
}
