<?php

declare(strict_types=1);

namespace App\Library;

use App\Chain\Graphviz;
use App\Chain\Layout;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Carrier;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Family\PlaceMap;
use Twig\Attribute\AsTwigFunction;

/** The map of a unit: its parts and what carries harm between them, made from the book. */
final readonly class UnitMap
{
    private const LETTERS = 22;

    public function __construct(private Layout $layout)
    {
    }

    /**
     * @param string $from part that is followed; empty: none
     * @param bool $back against the flow
     * @param array<string, int|null> $grades by part
     * @param list<Reached>|null $debris where debris went, in order; null: not asked for
     */
    public function draw(
        Book $book,
        ?CarrierKind $kind,
        string $from = '',
        bool $back = false,
        array $grades = [],
        ?array $debris = null,
    ): MapPicture {
        $edges = [];
        foreach ($book->carriers as $carrier) {
            if (null === $kind || $carrier->kind === $kind) {
                [$a, $b] = [explode('/', $carrier->from)[0], explode('/', $carrier->to)[0]];
                if ($a !== $b) {
                    $edges[$a.'>'.$b][] = $carrier;
                }
            }
        }
        $joined = array_unique(
            array_merge(...array_map(static fn (string $edge): array => explode('>', $edge), array_keys($edges)), ...[[]])
        );
        $rows = [];
        foreach ($joined as $part) {
            $rows[$part] = self::wrapped($book->parts[$part]->short ?? $part);
        }
        $placed = $this->layout->place(
            $heights = array_map(static fn (array $words): int => Graphviz::boxHeight(\count($words) - 1), $rows),
            array_map(static fn (string $edge): array => self::ends($edge), array_keys($edges)),
        );
        $number = [];
        foreach ($debris ?? [] as $i => $one) {
            $number[$one->part] = new DebrisThere($i + 1, $one->do, $one->past);
        }
        $reached = null !== $debris
            ? array_column($debris, 'part')
            : ('' === $from ? null : (new PlaceMap($book))->reach($kind ?? CarrierKind::Oil, $from, $back));
        $boxes = [];
        foreach ($rows as $part => $words) {
            $height = $heights[$part];
            $boxes[] = new MapBox(
                $part,
                $placed->boxes[$part]->left(Graphviz::BOX_WIDTH),
                $placed->boxes[$part]->top($height),
                Graphviz::BOX_WIDTH,
                $height,
                $words,
                $grades[$part] ?? null,
                isset($grades[$part]),
                null === $reached
                    || \in_array($part, $reached, true),
                $number[$part] ?? null,
            );
        }
        $lines = [];
        foreach ($edges as $edge => $carriers) {
            [$a, $b] = self::ends($edge);
            $lines[] = new MapLine(
                $placed->paths[$edge] ?? '',
                $carriers[0]->kind->value,
                self::says($book, $carriers),
                [] !== array_filter($carriers, static fn (Carrier $carrier): bool => '' !== $carrier->filter),
                null === $reached || (\in_array($a, $reached, true) && \in_array($b, $reached, true)),
            );
        }

        return new MapPicture($placed->width, $placed->height, $boxes, $lines);
    }

    /**
     * A part with what stands around it, for a picture where no photo is: what the oil, the drive or a touch joins to it.
     */
    #[AsTwigFunction('around_part')]
    public function around(Book $book, string $part): AroundPicture
    {
        $sides = ['in' => [], 'out' => []];
        foreach ($book->carriers as $carrier) {
            [$a, $b] = [explode('/', $carrier->from)[0], explode('/', $carrier->to)[0]];
            if ($a !== $b && ($a === $part || $b === $part)) {
                $sides[$b === $part ? 'in' : 'out'][$b === $part ? $a : $b] = $carrier->kind->hasDirection();
            }
        }
        $sides['out'] = array_diff_key($sides['out'], $sides['in']);
        $rows = max(1, min(5, max(\count($sides['in']), \count($sides['out']))));
        $height = 20 + 44 * $rows;
        $middle = intdiv($height, 2) - 15;
        $boxes = [new AroundBox(195, $middle, self::wrapped($book->parts[$part]->short ?? $part)[0], true)];
        $lines = [];
        foreach ($sides as $side => $parts) {
            foreach (\array_slice(array_keys($parts), 0, 5) as $i => $other) {
                $y = 10 + 44 * $i + intdiv(44 * ($rows - min(5, \count($parts))), 2);
                $boxes[] = new AroundBox(
                    'in' === $side ? 5 : 385,
                    $y,
                    self::wrapped($book->parts[$other]->short ?? $other)[0],
                    false,
                );
                $lines[] = new AroundLine(
                    'in' === $side
                        ? \sprintf('M155 %d L195 %d', $y + 15, $middle + 15)
                        : \sprintf('M345 %d L385 %d', $middle + 15, $y + 15),
                    $parts[$other],
                );
            }
        }

        return new AroundPicture($height, $boxes, $lines);
    }

    /** @return array{string, string} */
    private static function ends(string $edge): array
    {
        [$from, $to] = explode('>', $edge);

        return [$from, $to];
    }

    /** @param non-empty-list<Carrier> $carriers */
    private static function says(Book $book, array $carriers): string
    {
        return implode(
            '; ',
            array_map(
                static fn (Carrier $carrier): string => $book->placeName($carrier->from).' to '.$book->placeName($carrier->to).' '
                    .$carrier->kind->label().(
                        '' === $carrier->keepsOut ? '' : ': keeps '.$carrier->keepsOut.' out'
                    ).('' === $carrier->note ? '' : ': '.$carrier->note).(
                        '' === $carrier->filter
                            ? ''
                            : ', through '.$carrier->filter.('' === $carrier->bypass ? '' : ' (passed by: '.$carrier->bypass.')')
                    ),
                $carriers,
            ),
        );
    }

    /** @return list<string> */
    private static function wrapped(string $name): array
    {
        return explode("\n", wordwrap($name, self::LETTERS, "\n", true));
    }
}
