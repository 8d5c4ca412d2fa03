<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Step;

/**
 * A chain laid over the drawing of its unit: each step a number where it happened, each link a way in the manner of what
 * carried it. What happened at no part of the unit stands beside the part that it led to, or came from.
 */
final class HarmPath
{
    /** Pixels: a number's disc, how far apart two on one part stand, how far beside a part what has no part stands. */
    private const DISC = 11.0;
    private const APART = 26.0;
    private const BESIDE = [62.0, 64.0];

    /** @var array<string, array{float, float}> by id of the node */
    private array $at = [];

    /** @var array<string, int> by id of the node */
    private array $number = [];

    /** @param list<Step> $steps in the order in which they are told */
    public function __construct(private readonly Blank $blank, private readonly array $steps)
    {
        foreach ($steps as $i => $step) {
            $this->number[$step->node->id] = $i + 1;
            $spot = $blank->spots[self::part($step)] ?? null;
            if (null !== $spot) {
                $this->at[$step->node->id] = $this->free($spot[0], $spot[1]);
            }
        }
        foreach ([...array_reverse($steps), ...$steps] as $step) {
            $this->putBeside($step);
        }
    }

    /** Does any step of it lie on the drawing? */
    public function isSeen(): bool
    {
        return [] !== array_filter($this->steps, fn (Step $step): bool => isset($this->blank->spots[self::part($step)]));
    }

    /** @return string SVG, to lie over the drawing */
    public function svg(): string
    {
        $links = $discs = '';
        foreach ($this->steps as $step) {
            $number = $this->number[$step->node->id];
            foreach ($step->because as $link) {
                $links .= isset($this->at[$link->from], $this->at[$link->to]) ? $this->link($link, $number) : '';
            }
            $discs .= isset($this->at[$step->node->id]) ? $this->disc($step, $number) : '';
        }

        return $links.$discs;
    }

    private static function part(Step $step): string
    {
        return explode('/', $step->node->place ?? '')[0];
    }

    /** A step that no part of the drawing has stands beside the first that it led to, else beside what it came from. */
    private function putBeside(Step $step): void
    {
        if (isset($this->at[$step->node->id])) {
            return;
        }
        foreach ($this->steps as $other) {
            foreach ($other->because as $link) {
                $to = $link->from === $step->node->id ? $this->at[$link->to] ?? null : null;
                $from = $link->to === $step->node->id ? $this->at[$link->from] ?? null : null;
                if (null !== $to) {
                    $this->at[$step->node->id] = $this->free($to[0] - self::BESIDE[0], $to[1] - self::BESIDE[1]);

                    return;
                }
                if (null !== $from) {
                    $this->at[$step->node->id] = $this->free($from[0] + self::BESIDE[0], $from[1] + self::BESIDE[1]);

                    return;
                }
            }
        }
    }

    /** @return array{float, float} the next place to the right that no number has, on the sheet */
    private function free(float $x, float $y): array
    {
        $x = max(self::DISC + 4, min($this->blank->width - self::DISC - 4, $x));
        $y = max(self::DISC + 4, min($this->blank->height - self::DISC - 4, $y));
        foreach ($this->at as [$takenX, $takenY]) {
            if (hypot($takenX - $x, $takenY - $y) < self::APART - 2) {
                return $this->free($takenX + self::APART, $takenY);
            }
        }

        return [$x, $y];
    }

    private function link(Link $link, int $number): string
    {
        $line = HarmLine::of($link->carrier);
        $bow = Bow::of($this->at[$link->from], $this->at[$link->to], self::DISC + 3);

        return \sprintf(
            '<g class="harm %s" data-step="%d" fill="none" stroke="%s">'
                .'<path class="halo" stroke="#ffffff" stroke-width="7" d="%s"/>'
                .'<path stroke-width="%s" stroke-linecap="round"%s d="%4$s"/>'
                .'<path fill="%3$s" stroke-width="1" d="%7$s"/></g>',
            null === $link->carrier ? 'there' : $link->carrier->value,
            $number,
            HarmLine::COLOUR,
            $bow->path,
            Pen::number($line->width),
            '' === $line->dashes ? '' : \sprintf(' stroke-dasharray="%s"', $line->dashes),
            $bow->head,
        );
    }

    private function disc(Step $step, int $number): string
    {
        [$x, $y] = $this->at[$step->node->id];
        $words = isset($this->blank->spots[self::part($step)]) ? '' : \sprintf(
            '<text class="beside" x="%s" y="%s" text-anchor="%s">%s</text>',
            Pen::number($x + ($x > $this->blank->width / 2 ? -1 : 1) * (self::DISC + 5)),
            Pen::number($y + 4),
            $x > $this->blank->width / 2 ? 'end' : 'start',
            Blank::safe(mb_strimwidth($step->node->name, 0, 44, '…')),
        );

        return \sprintf(
            '<g class="harm disc" data-step="%d" font-family="Barlow Semi Condensed" font-size="13" font-weight="600"><title>%s</title>'
                .'<circle cx="%s" cy="%s" r="%s" fill="%s" stroke="#ffffff" stroke-width="2"/>'
                .'<text x="%3$s" y="%7$s" text-anchor="middle" fill="#ffffff">%1$d</text>%8$s</g>',
            $number,
            Blank::safe($number.'. '.$step->node->name),
            Pen::number($x),
            Pen::number($y),
            Pen::number(self::DISC),
            HarmLine::COLOUR,
            Pen::number($y + 4.5),
            $words,
        );
    }
}
