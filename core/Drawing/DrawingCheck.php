<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Drawing\Shape\SolidMaker;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookProblem;

/** Is every part of a book drawn, and every surface that is graded a face of its drawing? */
final class DrawingCheck
{
    /** @return iterable<int, BookProblem> */
    public static function problems(Book $book): iterable
    {
        foreach ($book->parts as $key => $part) {
            $shape = $book->drawn->shapes[$key] ?? [];
            if ($part->isNeighbour) {
                continue;
            }
            if ([] === $shape) {
                yield new BookProblem("drawing/shapes/$key", 'is missing: of what solids is it drawn, from the back to the front?');
                continue;
            }
            try {
                $drawn = self::surfaces(SolidMaker::of($shape, 1.0)[0]);
            } catch (BookError $error) {
                yield new BookProblem($error->path, substr($error->getMessage(), \strlen($error->path) + 2));
                continue;
            }
            foreach (array_diff(array_keys($part->surfaces), $drawn) as $surface) {
                yield new BookProblem("drawing/shapes/$key", \sprintf('no face of its drawing is its surface "%s".', $surface));
            }
            foreach (array_diff($drawn, array_keys($part->surfaces)) as $surface) {
                yield new BookProblem("drawing/shapes/$key", \sprintf('it has no surface "%s".', $surface));
            }
        }
        yield from self::together($book);
        yield from self::measured($book);
        yield from self::built($book);
    }

    /** @return iterable<int, BookProblem> what of the build its drawings cannot show */
    private static function built(Book $book): iterable
    {
        foreach ($book->upkeep->fasteners as $key => $one) {
            if ('' !== $one->holes && null === FastenerFace::of($book->drawn->shapes[$one->holes] ?? [], $one->count())) {
                yield new BookProblem(
                    "fasteners/$key/holes",
                    \sprintf('no solid of "%s" has %d holes of one size.', $one->holes, $one->count()),
                );
            }
        }
        foreach ($book->parts as $key => $part) {
            $facing = $part->facing;
            if (null === $facing || '' === $facing->to.$facing->face) {
                continue;
            }
            if ([] === array_filter($book->drawn->axes, static fn (array $axis): bool => [] === array_diff([$key, $facing->to], $axis))) {
                yield new BookProblem("parts/$key/facing/to", \sprintf('"%s" is not on its axis.', $facing->to));
            }
            if ('' !== $facing->face && !isset($part->surfaces[$facing->face])) {
                yield new BookProblem("parts/$key/facing/face", \sprintf('it has no surface "%s".', $facing->face));
            }
        }
    }

    /** @return iterable<int, BookProblem> readings that are taken at no surface of their part */
    private static function measured(Book $book): iterable
    {
        foreach ($book->parts as $key => $part) {
            foreach ($part->fields as $field) {
                if (null !== $field->taken && !isset($part->surfaces[$field->taken->surface])) {
                    yield new BookProblem(
                        "parts/$key/readings/{$field->key}/taken",
                        \sprintf(
                            'the part has no surface "%s"; it has %s.',
                            $field->taken->surface,
                            implode(', ', array_keys($part->surfaces)),
                        ),
                    );
                }
            }
        }
    }

    /** @return iterable<int, BookProblem> parts that sit in one that is not there before them, and wrong solids of the section */
    private static function together(Book $book): iterable
    {
        $order = array_merge(...$book->drawn->axes);
        foreach ($book->drawn->sits as $key => $sits) {
            $before = \array_slice($order, 0, (int) array_search($key, $order, true));
            if ('' !== $sits->in && !\in_array($sits->in, $before, true)) {
                yield new BookProblem("drawing/sits/$key/in", \sprintf('"%s" does not come before it on the axes.', $sits->in));
            }
        }
        foreach ($book->drawn->cut as $key => $shape) {
            try {
                $cut = self::surfaces(SolidMaker::of($shape, 1.0)[0]);
            } catch (BookError $error) {
                yield new BookProblem($error->path, substr($error->getMessage(), \strlen($error->path) + 2));
                continue;
            }
            foreach (array_diff($cut, array_keys($book->parts[$key]->surfaces)) as $surface) {
                yield new BookProblem("drawing/cut/$key", \sprintf('it has no surface "%s".', $surface));
            }
        }
    }

    /**
     * @param list<Stamp> $stamps
     *
     * @return list<string> keys of the surfaces that they show
     */
    private static function surfaces(array $stamps): array
    {
        $surfaces = [];
        foreach ($stamps as $stamp) {
            foreach ($stamp->thing->faces as $face) {
                $surfaces[$face->surface] = $face->surface;
            }
        }
        unset($surfaces['']);

        return array_values($surfaces);
    }
}
