<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/**
 * A sheet written down once for all who look at it: the grades of a case, what is out, and where a part leads are filled in
 * by SvgWriter. In its paths `~tone|surface|line~` stands for how a face is coloured, and `~#~` for what ids begin with.
 */
final readonly class Blank
{
    /** In the place of a surface: what is between parts, which has no grade. */
    public const AIR = '-';

    /**
     * @param array<string, string> $parts SVG of each, from the back to the front
     * @param array<string, array{float, float}> $spots the middle of each on the sheet
     */
    public function __construct(
        public float $width,
        public float $height,
        public string $axes,
        public array $parts,
        public string $labels,
        public array $spots,
    ) {
    }

    public static function of(Sheet $sheet): self
    {
        $axes = $labels = '';
        foreach ($sheet->axes as [$x, $y, $toX, $toY]) {
            $axes .= \sprintf('M%s %sL%s %s', Pen::number($x), Pen::number($y), Pen::number($toX), Pen::number($toY));
        }
        $parts = $spots = [];
        foreach ($sheet->parts as $placed) {
            $spots[$placed->part->key] = $placed->middle();
            $parts[$placed->part->key] = self::part($placed);
            $labels .= null === $placed->label ? '' : self::label($placed->part->key, $placed->label);
        }

        return new self(ceil($sheet->width), ceil($sheet->height), $axes, $parts, $labels, $spots);
    }

    public static function safe(string $words): string
    {
        return htmlspecialchars($words, \ENT_QUOTES | \ENT_XML1);
    }

    private static function part(Placed $placed): string
    {
        $paths = '';
        $drawn = [];
        foreach ($placed->part->stamps as $stamp) {
            $paths .= self::stamp($placed->part->key, $stamp, $drawn);
        }

        return \sprintf('transform="translate(%s %s)">%s', Pen::number($placed->x), Pen::number($placed->y), $paths);
    }

    /**
     * A thing is drawn where it stands first, and used from there wherever it stands again.
     *
     * @param array<int, array{string, float, float}> $drawn
     */
    private static function stamp(string $part, Stamp $stamp, array &$drawn): string
    {
        $at = spl_object_id($stamp->thing);
        if (isset($drawn[$at])) {
            [$id, $x, $y] = $drawn[$at];

            return \sprintf('<use href="#%s" x="%s" y="%s"/>', $id, Pen::number($stamp->x - $x), Pen::number($stamp->y - $y));
        }
        $id = '~#~'.$part.'.'.\count($drawn);
        $drawn[$at] = [$id, $stamp->x, $stamp->y];
        $moved = abs($stamp->x) + abs($stamp->y) < 0.05 ? '' : 'translate('.Pen::number($stamp->x).' '.Pen::number($stamp->y).') ';

        return \sprintf(
            '<g id="%s" transform="%sscale(%s)">%s</g>',
            $id,
            $moved,
            round(1 / Pen::FINE, 4),
            implode('', array_map(self::face(...), $stamp->thing->faces)),
        );
    }

    private static function face(Face $face): string
    {
        $tone = min(Face::LINE, max(0, $face->tone));

        return $face->wire > 0.0
            ? \sprintf('<path ~%d|%s|w~ stroke-width="%s" d="%s"/>', $tone, $face->surface, Pen::fine($face->wire), $face->path)
            : \sprintf('<path ~%d|%s|%s~ d="%s"/>', $tone, $face->surface, Face::NO_LINE === $face->wire ? 'n' : '', $face->path);
    }

    public static function label(string $part, Label $label): string
    {
        return \sprintf(
            '<g data-for="%s"><path d="M%s %sV%s"/><text stroke="none" x="%s" y="%s">%s</text></g>',
            $part,
            Pen::number($label->x),
            Pen::number($label->from + ($label->from < $label->to ? 2 : -10)),
            Pen::number($label->to),
            Pen::number($label->x),
            Pen::number($label->from),
            self::safe($label->words),
        );
    }
}
