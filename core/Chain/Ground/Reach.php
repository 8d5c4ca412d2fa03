<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\CarrierKind;

/** Where debris went: along the oil in its direction, past filters only where they let it, and what is to be done at each place. */
final class Reach
{
    /** Damage that lets pieces go, or shows that they are there. */
    private const SHEDS = ['fracture', 'pitting', 'scuffing', 'overheating', 'debris', 'embedding'];

    /** @param list<string> $modes kinds of damage that were found on a part */
    public static function sheds(array $modes): bool
    {
        return [] !== array_intersect($modes, self::SHEDS);
    }

    /**
     * Of what was seen broken, flaked, smeared or burnt; a filter that broke holds nothing.
     *
     * @return list<Reached>
     */
    public static function after(Book $book, Ground $ground): array
    {
        $seen = [];
        foreach ($ground->seen as $id => $evidence) {
            $spot = $ground->spots[$id];
            $part = $spot->part();
            if ($evidence->speaksFor() && 'damage' === $spot->kind && null !== $part) {
                $seen[$part][] = $spot->key;
            }
        }

        return self::ofFound($book, $seen);
    }

    /**
     * @param array<string, list<string>> $found by part: kinds of damage that were found on it
     *
     * @return list<Reached>
     */
    public static function ofFound(Book $book, array $found): array
    {
        $from = array_keys(array_filter($found, self::sheds(...)));
        $open = array_keys(array_filter($found, static fn (array $modes): bool => \in_array('fracture', $modes, true)));

        return self::of($book, array_map(strval(...), $from), array_map(strval(...), $open));
    }

    /**
     * @param list<string> $from parts that let debris go
     * @param list<string> $open parts whose filter is torn, bypassed or missing
     *
     * @return list<Reached> in the order in which the oil passes; past: beyond a filter that held
     */
    public static function of(Book $book, array $from, array $open = []): array
    {
        $places = new CarrierPlaces($book);
        $reached = [];
        $next = array_map(static fn (string $part): array => [$part, $part, false], $from);
        for ($i = 0; $i < \count($next); ++$i) {
            [$part, $before, $past] = $next[$i];
            if (isset($reached[$part]) && (!$reached[$part]->past || $past)) {
                continue;
            }
            $again = isset($reached[$part]);
            $reached[$part] = new Reached(
                $part,
                $before,
                DebrisAct::at($book->parts[$part]->cleaning, $past),
                $past,
            );
            foreach ($again && $past ? [] : $places->neighbours(CarrierKind::Oil, $part) as $other => $filter) {
                $next[] = [$other, $part, $past || ($filter && !\in_array($part, $open, true))];
            }
        }

        return array_values($reached);
    }
}
