<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** All figures by the names of their cards. A new figure is a class of its own and one line here. */
final class FigureRegistry
{
    private const FIGURES = [
        'reading-verdict' => Readings\ReadingVerdictFigure::class,
        'bracket-verdict' => Readings\BracketVerdictFigure::class,
        'difference' => Readings\DifferenceFigure::class,
        'agreement' => Readings\AgreementFigure::class,
        'wear-projection' => Readings\WearProjectionFigure::class,
        'form' => Readings\FormFigure::class,
        'side-clearance' => Clearances\SideClearanceFigure::class,
        'tip-clearance' => Clearances\TipClearanceFigure::class,
        'plastic-gauge' => Clearances\PlasticGaugeFigure::class,
        'shim-pick' => Clearances\ShimPickFigure::class,
        'clutch-pack' => Clearances\ClutchPackFigure::class,
        'dish' => Clearances\DishFigure::class,
        'machining-budget' => Clearances\MachiningBudgetFigure::class,
        'added-bearing' => Clearances\AddedBearingFigure::class,
        'plug-depth' => Clearances\PlugDepthFigure::class,
        'thread-arc' => Clearances\ThreadArcFigure::class,
        'bolt-torque' => Clearances\BoltTorqueFigure::class,
        'bolt-sequence' => Clearances\BoltSequenceFigure::class,
        'seal-compression' => Clearances\SealCompressionFigure::class,
        'stack-sum' => Clearances\StackSumFigure::class,
        'grease' => Clearances\GreaseFigure::class,
        'displacement-external-gear' => Displacement\ExternalGearFigure::class,
        'displacement-internal-gear' => Displacement\InternalGearFigure::class,
        'displacement-gerotor' => Displacement\GerotorFigure::class,
        'displacement-vane' => Displacement\VaneFigure::class,
        'displacement-vane-balanced' => Displacement\BalancedVaneFigure::class,
        'displacement-axial-piston' => Displacement\AxialPistonFigure::class,
        'displacement-radial-piston' => Displacement\RadialPistonFigure::class,
        'flow' => Flow\FlowFigure::class,
        'shaft-torque' => Flow\ShaftTorqueFigure::class,
        'shaft-power' => Flow\ShaftPowerFigure::class,
        'power-curve' => Flow\PowerCurveFigure::class,
        'pump-curve' => Flow\PumpCurveFigure::class,
        'filter-flow' => Flow\FilterFlowFigure::class,
        'viscosity' => Fluids\ViscosityFigure::class,
        'cleanliness' => Fluids\CleanlinessFigure::class,
        'leak-slot' => Leakage\SlotFigure::class,
        'leak-annulus' => Leakage\AnnulusFigure::class,
        'leak-face' => Leakage\FaceFigure::class,
        'orifice' => Leakage\OrificeFigure::class,
        'worn-pump' => Leakage\WornPumpFigure::class,
        'held-pressure' => Leakage\HeldPressureFigure::class,
        'complaint-check' => Leakage\ComplaintCheckFigure::class,
        'spline-stress' => Strength\SplineStressFigure::class,
        'weibull' => Counting\WeibullFigure::class,
        'rate' => Counting\RateFigure::class,
        'kappa' => Counting\KappaFigure::class,
        'pareto' => Counting\ParetoFigure::class,
    ];

    /** @var array<string, Figure> made when first asked for, as what follows */
    private array $figures = [];

    /** @var array<string, Card> */
    private array $cards = [];

    /** @var array<string, InputReader> */
    private array $readers = [];

    /** @throws FigureError if there is none of that name */
    public function card(string $name): Card
    {
        return $this->cards[$name] ??= $this->figure($name)->card();
    }

    public function has(string $name): bool
    {
        return isset(self::FIGURES[$name]);
    }

    /** @return array<string, list<Card>> by group, in the order of the groups */
    public function byGroup(): array
    {
        $groups = [];
        foreach (Group::cases() as $group) {
            foreach (array_keys(self::FIGURES) as $name) {
                $card = $this->card($name);
                if ($card->group === $group) {
                    $groups[$group->value][] = $card;
                }
            }
        }

        return $groups;
    }

    /**
     * Reads the inputs and computes.
     *
     * @param array<string, string> $typed key => value, in the order typed
     *
     * @return array{Inputs, Outcome}
     *
     * @throws FigureError naming the key at fault
     */
    public function compute(string $name, array $typed): array
    {
        $inputs = $this->reader($name)->read($typed);

        return [$inputs, $this->figure($name)->compute($inputs)];
    }

    /** @throws FigureError if there is no figure of that name */
    public function reader(string $name): InputReader
    {
        return $this->readers[$name] ??= new InputReader($this->card($name));
    }

    /** @throws FigureError */
    private function figure(string $name): Figure
    {
        $class = self::FIGURES[$name] ?? throw new FigureError(
            \sprintf('There is no figure "%s"; there are %s.', mb_substr($name, 0, 60), implode(', ', array_keys(self::FIGURES))),
            null,
        );

        return $this->figures[$name] ??= new $class();
    }
}
