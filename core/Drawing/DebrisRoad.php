<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Chain\Ground\Reached;

/** The road that debris took with the oil, laid over the drawing of the unit: each place that it came to, dealt with or not. */
final readonly class DebrisRoad
{
    private const DISC = 8.0;

    /**
     * @param list<Reached> $reached in the order in which the oil passes
     * @param list<string> $cleaned parts that were dealt with since
     */
    public function __construct(private Blank $blank, private array $reached, private array $cleaned)
    {
    }

    /** @return string SVG, to lie over the drawing; empty: debris came to nothing that is drawn */
    public function svg(): string
    {
        $ways = $places = '';
        foreach ($this->reached as $one) {
            $at = $this->blank->spots[$one->part] ?? null;
            $from = $this->blank->spots[$one->from] ?? null;
            if (null === $at) {
                continue;
            }
            $ways .= null === $from || $one->from === $one->part ? '' : $this->way($from, $at, $one->past);
            $places .= $this->place($at, $one);
        }

        return $ways.$places;
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function way(array $from, array $to, bool $isPast): string
    {
        $bow = Bow::of($from, $to, self::DISC + 3);

        return \sprintf(
            '<g class="harm oil" fill="none" stroke="%s"><path class="halo" stroke="#ffffff" stroke-width="6" d="%s"/>'
                .'<path stroke-width="2.4" stroke-linecap="round"%s d="%2$s"/><path fill="%1$s" stroke-width="1" d="%4$s"/></g>',
            HarmLine::COLOUR,
            $bow->path,
            // Past a filter that held, what is finer than its mesh goes on.
            $isPast ? ' stroke-dasharray="2 6"' : '',
            $bow->head,
        );
    }

    /** @param array{float, float} $at */
    private function place(array $at, Reached $one): string
    {
        $isDone = \in_array($one->part, $this->cleaned, true);
        [$x, $y] = array_map(Pen::number(...), $at);

        return \sprintf(
            '<g class="harm place"><title>%s%s</title><circle cx="%s" cy="%s" r="%s" fill="%s" stroke="%s" stroke-width="3"/>%s</g>',
            Blank::safe($one->do->words()),
            $isDone ? ': done' : '',
            $x,
            $y,
            Pen::number(self::DISC),
            $isDone ? HarmLine::COLOUR : '#ffffff',
            HarmLine::COLOUR,
            !$isDone ? '' : \sprintf(
                '<path d="M%s %sl3 4 5 -8" transform="translate(-4 0)" fill="none" stroke="#fff" stroke-width="2.4"/>',
                $x,
                $y,
            ),
        );
    }
}
