<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Fluids\OilInputs;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Hydraulics\Leak;
use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Quantity\Dimension;

/** What the figures of a single leak path have in common. */
abstract readonly class OnePath implements Figure
{
    public const FAST = 'The flow through this gap is turbulent: the true leak is smaller than this.';

    /**
     * @param list<Key> $sizes of the path
     * @param array<string, string> $example
     */
    protected function cardOf(string $name, string $question, array $sizes, string $formula, array $example): Card
    {
        return new Card(
            $name,
            Group::Leakage,
            $question,
            [...$sizes, Key::pressure('pressure', 'across the gap'), ...OilInputs::keys(), OilInputs::at()],
            ['leakage' => 'L/min', 'velocity' => 'm/s', 'reynolds' => '2hv/ν; turbulent above 2000'],
            'Δp = 12·μ·L·v/(k·h²) + 0.75·ρ·v², q = w·h·v; '.$formula,
            'textbook laminar gap flow with entrance and exit losses (1.5 velocity heads); ASTM D341 for the oil',
            $example,
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $leak = $this->path($inputs)->leak($inputs->si('pressure'), OilInputs::state($inputs, 'at'));
        $outcome = (new Outcome())->quantity(
            'leakage',
            $leak->flow,
            Dimension::Flow,
            'L/min',
        )->plain('velocity', $leak->velocity, 'm/s')->ratio('reynolds', $leak->reynolds);

        return $leak->reynolds > Leak::TURBULENT ? $outcome->note(self::FAST) : $outcome;
    }

    abstract protected function path(Inputs $inputs): LeakPath;
}
