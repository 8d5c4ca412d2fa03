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

    /** @return list<array{template: string, data: array<string, mixed>}> pictures of what was answered, the main one first */
    public function plot(Asked $asked): array
    {
        $pictures = [];
        foreach ($this->plots->of($asked) as $plot) {
            $pictures[] = ['template' => 'figures/_plot.svg.twig', 'data' => ['plot' => $plot, 'laid' => $plot->laid()]];
        }

        return [...$pictures, ...$this->pictures->of($asked)];
    }
}
