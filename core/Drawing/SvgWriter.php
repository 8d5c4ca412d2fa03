<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/**
 * A sheet as SVG: each part a group that carries its key, each surface that the book grades a class of its own. What is
 * graded takes the colour of its grade.
 */
final readonly class SvgWriter
{
    /**
     * @param array<string, int> $grades by part, and by part/surface where one surface is worse or better
     * @param array<string, string> $states by part: a class of how it is shown, such as `out`
     * @param array<string, string> $names by part
     * @param \Closure(string): string|null $link where a part leads; null: it leads nowhere
     * @param string $prefix of ids, other than that of any drawing beside it on the page
     * @param bool $alone does it stand for itself, with its colours in it?
     */
    public function __construct(
        private array $names,
        private array $grades = [],
        private array $states = [],
        private ?\Closure $link = null,
        private bool $alone = false,
        private string $title = '',
        private string $prefix = 'd.',
    ) {
    }

    /** @param string $over what lies over the parts, such as a path; SVG */
    public function write(Sheet $sheet, string $over = ''): string
    {
        $axes = '';
        foreach ($sheet->axes as [$x, $y, $toX, $toY]) {
            $axes .= \sprintf('M%s %sL%s %s', Pen::number($x), Pen::number($y), Pen::number($toX), Pen::number($toY));
        }
        $parts = implode("\n", array_map($this->part(...), $sheet->parts));
        $labels = implode('', array_map($this->label(...), array_values(array_filter(
            $sheet->parts,
            static fn (Placed $one): bool => null !== $one->label,
        ))));

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" class="drawing" viewBox="0 0 %1$s %2$s" width="%1$s" height="%2$s" role="group"'
                .' aria-label="%3$s">%4$s<path class="axis" d="%5$s"/>%8$s%6$s%8$s<g class="labels" aria-hidden="true">%7$s</g>%9$s</svg>',
            Pen::number(ceil($sheet->width)),
            Pen::number(ceil($sheet->height)),
            self::safe($this->title),
            $this->alone ? '<style>'.Look::styles().'</style>' : '',
            $axes,
            $parts,
            $labels,
            "\n",
            $over,
        );
    }

    private function part(Placed $placed): string
    {
        $key = $placed->part->key;
        $paths = '';
        $drawn = [];
        foreach ($placed->part->stamps as $stamp) {
            $paths .= $this->stamp($key, $stamp, $drawn);
        }
        $grade = $this->grades[$key] ?? null;
        $name = $this->names[$key] ?? $key;
        $title = self::safe($name.(null === $grade ? '' : ', grade '.$grade));
        $group = \sprintf(
            '<g class="p%s" data-part="%s" transform="translate(%s %s)"><title>%s</title>%s</g>',
            isset($this->states[$key]) ? ' '.$this->states[$key] : '',
            $key,
            Pen::number($placed->x),
            Pen::number($placed->y),
            $title,
            $paths,
        );

        return null === $this->link
            ? $group
            : \sprintf('<a href="%s" aria-label="%s">%s</a>', self::safe(($this->link)($key)), $title, $group);
    }

    /**
     * A thing is drawn where it stands first, and used from there wherever it stands again.
     *
     * @param array<int, string> $drawn
     */
    private function stamp(string $part, Stamp $stamp, array &$drawn): string
    {
        $at = spl_object_id($stamp->thing);
        if (isset($drawn[$at])) {
            [$id, $x, $y] = explode(' ', $drawn[$at]);

            [$x, $y] = [Pen::number($stamp->x - (float) $x), Pen::number($stamp->y - (float) $y)];

            return \sprintf('<use href="#%s" x="%s" y="%s"/>', $id, $x, $y);
        }
        $paths = implode('', array_map(fn (Face $one): string => $this->face($part, $one), $stamp->thing->faces));
        $id = $this->prefix.$part.'.'.\count($drawn);
        $drawn[$at] = $id.' '.$stamp->x.' '.$stamp->y;

        $moved = abs($stamp->x) + abs($stamp->y) < 0.05 ? '' : 'translate('.Pen::number($stamp->x).' '.Pen::number($stamp->y).') ';

        return \sprintf('<g id="%s" transform="%sscale(%s)">%s</g>', $id, $moved, 1 / Pen::FINE, $paths);
    }

    private function face(string $part, Face $face): string
    {
        $grade = $this->grades[$part.'/'.$face->surface] ?? $this->grades[$part] ?? null;
        $tone = min(Face::LINE, max(0, $face->tone));
        $class = null === $grade || 0 === $grade || Face::LINE === $tone ? 't'.$tone : 'g'.$grade.min(3, intdiv($tone, 2));
        if ($face->wire > 0.0) {
            return \sprintf('<path class="w%s" stroke-width="%s" d="%s"/>', $class, Pen::fine($face->wire), $face->path);
        }

        return \sprintf('<path class="%s%s" d="%s"/>', $class, Face::NO_LINE === $face->wire ? ' n' : '', $face->path);
    }

    private function label(Placed $placed): string
    {
        $label = $placed->label ?? throw new \LogicException('This part has no label.');
        $above = $label->from < $label->to;

        return \sprintf(
            '<g data-for="%s"><path d="M%s %sV%s"/><text x="%s" y="%s">%s</text></g>',
            $placed->part->key,
            Pen::number($label->x),
            Pen::number($label->from + ($above ? 2 : -10)),
            Pen::number($label->to),
            Pen::number($label->x),
            Pen::number($label->from),
            self::safe($label->words),
        );
    }

    private static function safe(string $words): string
    {
        return htmlspecialchars($words, \ENT_QUOTES | \ENT_XML1);
    }
}
