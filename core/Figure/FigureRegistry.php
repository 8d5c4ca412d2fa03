<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** All figures by name. A new figure is a class of its own and one line here. */
final class FigureRegistry
{
    private const FIGURES = [
        Readings\ReadingVerdictFigure::class, Readings\BracketVerdictFigure::class, Readings\DifferenceFigure::class,
        Readings\AgreementFigure::class, Readings\WearProjectionFigure::class, Readings\FormFigure::class,
        Clearances\SideClearanceFigure::class, Clearances\TipClearanceFigure::class, Clearances\PlasticGaugeFigure::class,
        Clearances\ShimPickFigure::class, Clearances\ClutchPackFigure::class, Clearances\DishFigure::class,
        Clearances\MachiningBudgetFigure::class, Clearances\ThreadArcFigure::class, Clearances\BoltTorqueFigure::class,
        Clearances\BoltSequenceFigure::class, Clearances\GreaseFigure::class,
        Displacement\ExternalGearFigure::class, Displacement\InternalGearFigure::class, Displacement\GerotorFigure::class,
        Displacement\VaneFigure::class, Displacement\BalancedVaneFigure::class, Displacement\AxialPistonFigure::class,
        Displacement\RadialPistonFigure::class,
        Flow\FlowFigure::class, Flow\ShaftTorqueFigure::class, Flow\ShaftPowerFigure::class, Flow\PowerCurveFigure::class,
        Flow\PumpCurveFigure::class,
        Fluids\ViscosityFigure::class, Fluids\CleanlinessFigure::class,
        Leakage\SlotFigure::class, Leakage\AnnulusFigure::class, Leakage\FaceFigure::class, Leakage\OrificeFigure::class,
        Leakage\WornPumpFigure::class, Leakage\HeldPressureFigure::class, Leakage\ComplaintCheckFigure::class,
        Strength\SplineStressFigure::class,
        Counting\WeibullFigure::class, Counting\RateFigure::class, Counting\KappaFigure::class, Counting\ParetoFigure::class,
    ];

    /** @var array<string, Figure> */
    private array $figures = [];

    /** @var array<string, Card> */
    private array $cards = [];

    /** @var array<string, InputReader> made when first asked for */
    private array $readers = [];

    public function __construct()
    {
        foreach (self::FIGURES as $class) {
            $figure = new $class();
            $card = $figure->card();
            $this->figures[$card->name] = $figure;
            $this->cards[$card->name] = $card;
        }
    }

    /** @throws FigureError if there is none of that name */
    public function card(string $name): Card
    {
        return $this->cards[$name] ?? throw new FigureError(
            \sprintf('There is no figure "%s"; there are %s.', mb_substr($name, 0, 60), implode(', ', array_keys($this->cards))),
            null,
        );
    }

    public function has(string $name): bool
    {
        return isset($this->cards[$name]);
    }

    /** @return array<string, list<Card>> by group, in the order of the groups */
    public function byGroup(): array
    {
        $groups = [];
        foreach (Group::cases() as $group) {
            foreach ($this->cards as $card) {
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

        return [$inputs, $this->figures[$name]->compute($inputs)];
    }

    /** @throws FigureError if there is no figure of that name */
    public function reader(string $name): InputReader
    {
        return $this->readers[$name] ??= new InputReader($this->card($name));
    }
}
