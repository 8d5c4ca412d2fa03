<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Pen;

/** How a cut part is drawn: what there is of it, hatched where it is cut, its surfaces each in its tint, its outline. */
final readonly class CutInk
{
    /** Pixels. */
    private const HATCH = 7.0;
    private const GAP = 3.0;

    /**
     * @param int $count of the part on the sheet: neighbours are hatched the other way, and closer or wider
     * @param list<string> $gaps surfaces that stand off what runs on them
     */
    private function __construct(private int $count, private array $gaps)
    {
    }

    /**
     * @param list<Area> $areas of one part; what comes later lies over what comes before
     * @param list<string> $gaps
     */
    public static function of(array $areas, int $count, array $gaps): string
    {
        $ink = new self($count, $gaps);

        return \sprintf(
            '<g transform="scale(%s)">%s</g>', round(1 / Pen::FINE, 4), implode('', array_map($ink->layer(...), self::layers($areas))),
        );
    }

    /**
     * @param list<Area> $areas
     *
     * @return list<list<Area>> in each none lies over another
     */
    private static function layers(array $areas): array
    {
        $layers = $boxes = [];
        foreach ($areas as $area) {
            $box = $area->box();
            $layers = [] === $layers ? [[]] : $layers;
            foreach ($boxes as [$left, $right, $low, $high]) {
                if (min($right, $box[1]) > max($left, $box[0]) + 1e-6 && min($high, $box[3]) > max($low, $box[2]) + 1e-6) {
                    $layers[] = $boxes = [];
                    break;
                }
            }
            $boxes[] = $box;
            $layers[array_key_last($layers)][] = $area;
        }

        return $layers;
    }

    /** @param list<Area> $areas */
    private function layer(array $areas): string
    {
        $fills = $tints = [];
        $hatch = $stood = $lines = '';
        foreach ($areas as $area) {
            $fills[$area->tone] ??= '';
            foreach ($area->rings as $ring) {
                $fills[$area->tone] .= self::line($ring).'z';
            }
            $hatch .= $area->isHatched ? $this->hatch($area) : '';
            foreach ($area->edges as $edge) {
                $off = \in_array($edge->surface, $this->gaps, true) ? self::GAP : 0.0;
                if ($off > 0.0) {
                    $stood .= self::line($edge->inwards($off / 2));
                }
                if ('' !== $edge->surface) {
                    $tints[$area->tone][$edge->surface] ??= '';
                    // Within the part, so that what is graded does not reach into its neighbour.
                    $tints[$area->tone][$edge->surface] .= self::line($edge->inwards($off + 1.7));
                }
            }
            $lines .= $this->outline($area);
        }
        $paths = '';
        foreach ($fills as $tone => $path) {
            $paths .= self::path($tone, '', 'n', 0.0, $path);
        }
        $paths .= self::path(7, '', 'w', 0.7, $hatch).self::path(0, Blank::AIR, 'w', self::GAP, $stood);
        foreach ($tints as $tone => $surfaces) {
            foreach ($surfaces as $surface => $path) {
                $paths .= self::path($tone, (string) $surface, 'w', 3.0, $path);
            }
        }

        return $paths.self::path(Face::LINE, '', 'w', 1.1, $lines);
    }

    private function hatch(Area $area): string
    {
        return implode('', array_map(self::line(...), $area->hatching(
            0 === $this->count % 2 ? 45.0 : -45.0,
            self::HATCH * (1.0 + 0.22 * ($this->count % 3)),
        )));
    }

    /** Its edges; those that follow each other become one line. */
    private function outline(Area $area): string
    {
        $path = $end = '';
        foreach ($area->edges as $edge) {
            [$from, $to] = $edge->inwards(\in_array($edge->surface, $this->gaps, true) ? self::GAP : 0.0);
            $begin = self::line([$from]);
            $path .= ($begin === $end ? '' : $begin).'L'.substr($end = self::line([$to]), 1);
        }

        return $path;
    }

    private static function path(int $tone, string $surface, string $line, float $thick, string $path): string
    {
        return '' === $path ? '' : \sprintf(
            '<path ~%d|%s|%s~%s d="%s"/>', $tone, $surface, $line, $thick > 0.0 ? ' stroke-width="'.Pen::fine($thick).'"' : '', $path,
        );
    }

    /** @param list<array{float, float}> $points along the axis and away from it */
    private static function line(array $points): string
    {
        $path = '';
        foreach ($points as $i => [$z, $y]) {
            $path .= (0 === $i ? 'M' : 'L').Pen::fine($z).' '.Pen::fine(-$y);
        }

        return $path;
    }
}
