<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** All figures by name. A new figure is a class of its own and one line here. */
final readonly class FigureRegistry
{
    /** @var array<string, Figure> */
    private array $figures;

    public function __construct()
    {
        $figures = [];
        foreach ([
            new ReadingVerdictFigure(), new BracketVerdictFigure(), new FormFigure(),
            new SideClearanceFigure(), new TipClearanceFigure(),
            new DisplacementExternalGearFigure(),
            new FlowFigure(), new ShaftTorqueFigure(), new ShaftPowerFigure(),
        ] as $figure) {
            $figures[$figure->name()] = $figure;
        }
        $this->figures = $figures;
    }

    /** @throws FigureError if there is none of that name */
    public function get(string $name): Figure
    {
        return $this->figures[$name] ?? throw new FigureError(\sprintf('There is no figure "%s"; there are %s.', mb_substr($name, 0, 60), implode(', ', array_keys($this->figures))), null);
    }

    /** @return array<string, list<Figure>> by group, in the order of the groups */
    public function byGroup(): array
    {
        $groups = [];
        foreach (Group::cases() as $group) {
            foreach ($this->figures as $figure) {
                if ($figure->group() === $group) {
                    $groups[$group->value][] = $figure;
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
        $figure = $this->get($name);
        $inputs = (new InputReader($figure))->read($typed);

        return [$inputs, $figure->compute($inputs)];
    }
}
