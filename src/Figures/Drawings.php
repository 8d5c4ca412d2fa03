<?php

declare(strict_types=1);

namespace App\Figures;

use Japhrex\Core\Figure\Card;
use Twig\Environment;

/** The drawing beside the fields of a figure: one of ours that shows what each field measures, or a picture of the answer. */
final readonly class Drawings
{
    public function __construct(private Environment $twig, private Plots $plots, private Pictures $pictures)
    {
    }

    /** The template of a drawing that stands still; null where the figure has only a picture of its answer. */
    public function template(Card $card): ?string
    {
        $name = 'figures/drawing/'.$card->name.'.svg.twig';

        return $this->twig->getLoader()->exists($name) ? $name : null;
    }

    /** How thick the oil film of a clearance is drawn: some 250 times its size, so that more is seen to be more. */
    public function film(Asked $asked): float
    {
        $clearance = $asked->outcome?->results()['clearance'] ?? null;

        return null === $clearance ? 14.0 : round(max(2.0, min(44.0, 250e3 * $clearance->si()[0])), 1);
    }

    /** @return list<Drawing> pictures of what was answered, the main one first */
    public function plot(Asked $asked): array
    {
        $pictures = [];
        foreach ($this->plots->plotsOf($asked) as $plot) {
            $pictures[] = new Drawing('figures/_plot.svg.twig', ['plot' => $plot, 'laid' => $plot->laid()]);
        }

        return [...$pictures, ...$this->pictures->picturesOf($asked)];
    }
}
