<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Family\Facing;
use Japhrex\Core\Family\Part;

/** Which way round a part goes in: it and what it looks at on their axis, and an arrow from one to the other. */
final readonly class FacingArrow
{
    private const COLOUR = '#0b5d69';
    private const BELOW = 22.0;
    private const ROOM = 34.0;

    /**
     * @param Sheet $sheet the two parts
     *
     * @return array{Sheet, string} with room for what lies over it: SVG
     */
    public static function over(Sheet $sheet, Part $part, Facing $facing): array
    {
        $placed = [];
        foreach ($sheet->parts as $one) {
            $placed[$one->part->key] = $one;
        }
        [$from, $to] = [$placed[$part->key], $placed[$facing->to]];
        [$x, $toX] = [$from->middle()[0], $to->middle()[0]];
        $y = $sheet->height + self::BELOW - 14.0;
        $way = $toX < $x ? -1.0 : 1.0;
        $words = $part->surfaces[$facing->face]->name ?? '';
        $svg = \sprintf(
            '<path d="M%1$s %2$sV%3$sH%4$s" fill="none" stroke="%5$s" stroke-width="2.4"/><path d="M%6$s %3$sl%7$s 5v-10z" fill="%5$s"/>',
            Pen::number($x), Pen::number($y - 14), Pen::number($y), Pen::number($toX - $way * 8), self::COLOUR,
            Pen::number($toX), Pen::number(-$way * 10),
        );
        $svg .= '' === $words ? '' : \sprintf(
            '<text x="%s" y="%s" text-anchor="%s" font-family="Barlow Semi Condensed, sans-serif" font-size="14" font-weight="700"'
                .' fill="%s">%s</text>',
            Pen::number($x), Pen::number($y + 18), $way < 0 ? 'end' : 'start', self::COLOUR, Blank::safe($words),
        );

        return [new Sheet($sheet->width, $sheet->height + self::ROOM, $sheet->parts, $sheet->axes), $svg];
    }
}
