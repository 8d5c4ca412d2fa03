<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Fill\Fill;

/** The way of the oil in a book, and the gaps through which it leaks. */
final readonly class OilCheck
{
    public function __construct(private FigureRegistry $figures, private FillCheck $fills)
    {
    }

    /** @return list<BookProblem> */
    public function problems(Book $book): array
    {
        return array_values([...$this->oil($book), ...$this->leaks($book)]);
    }

    /**
     * A new unit of each model holds what the book says is needed; else every complaint check would end there.
     *
     * @return iterable<int, BookProblem>
     */
    private function newHolds(Book $book, LeakModel $leaks): iterable
    {
        // Where nobody can know how a part lies, the worse of the two.
        $paths = implode(';', array_map(static fn (LeakRoute $route): string => $route->asNew(true), $leaks->routes));
        foreach ($book->models as $model) {
            $typed = [
                'new-paths' => $paths,
                'found-paths' => $paths,
                'displacement' => $model->facts['displacement'] ?? '',
            ] + $leaks->facts;
            try {
                [, $outcome] = $this->figures->compute('complaint-check', $typed);
            } catch (FigureError) {
                // What cannot be read is told at its own place; a model without its displacement says nothing here.
                continue;
            }
            if ('never' !== $outcome->results()['pattern']->value) {
                yield new BookProblem(
                    'leaks/facts',
                    \sprintf('a new %s would miss what is needed; look at demand, needed and the passages.', $model->name()),
                );
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function leaks(Book $book): iterable
    {
        foreach ($book->leaks->routes ?? [] as $i => $route) {
            yield from $this->fills->problems(
                $book,
                "leaks/routes/$i",
                new Fill('worn-pump', ['paths' => str_replace('{gap}', $route->found, $route->path)]),
            );
            if ($route->faces < 1 || 0 !== $route->times() % max(1, $route->faces)) {
                yield new BookProblem(
                    "leaks/routes/$i/faces",
                    \sprintf('%d faces in the path are not shared out by %d.', $route->times(), $route->faces),
                );
            }
            foreach ($this->figures->reader('worn-pump')->errors(['paths' => $route->asNew()]) as $error) {
                yield new BookProblem("leaks/routes/$i/path", $error);
            }
        }
        foreach (array_diff($book->leaks->explains ?? [], array_keys($book->complaints)) as $complaint) {
            yield new BookProblem('leaks/explains', \sprintf('there is no complaint "%s".', $complaint));
        }
        foreach (array_diff($book->leaks->beside ?? [], array_keys($book->parts)) as $part) {
            yield new BookProblem('leaks/beside', \sprintf('there is no part "%s".', $part));
        }
        if (null !== $book->leaks) {
            yield from $this->newHolds($book, $book->leaks);
            yield from $this->fills->problems($book, 'leaks/facts', new Fill('complaint-check', $book->leaks->facts));
        }
    }

    /**
     * Oil comes in somewhere, and what it goes to is reached from there.
     *
     * @return iterable<int, BookProblem>
     */
    private function oil(Book $book): iterable
    {
        $next = [];
        $into = [];
        foreach ($book->carriers as $carrier) {
            if (CarrierKind::Oil === $carrier->kind) {
                $next[$carrier->from][] = $carrier->to;
                $into[$carrier->to] = true;
            }
        }
        if ([] === $next) {
            yield new BookProblem('carriers', 'no oil: no carrier of kind oil says which way it flows.');

            return;
        }
        $reached = array_values(array_filter(array_keys($next), static fn (string $place): bool => !isset($into[$place])));
        if ([] === $reached) {
            yield new BookProblem('carriers', 'the oil only goes round: some place must be where it comes in.');
        }
        for ($i = 0; $i < \count($reached); ++$i) {
            foreach ($next[$reached[$i]] ?? [] as $place) {
                if (!\in_array($place, $reached, true)) {
                    $reached[] = $place;
                }
            }
        }
        foreach (array_keys($into) as $place) {
            if ([] !== $reached && !\in_array($place, $reached, true)) {
                yield new BookProblem('carriers', \sprintf('oil never reaches "%s" from where it comes in.', $place));
            }
        }
    }
}
