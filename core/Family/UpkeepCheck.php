<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Quantity\QuantityError;

/** Reads what a book says of the repair: what is set, what is proved, what is bought. */
final readonly class UpkeepCheck
{
    public function __construct(private FigureRegistry $figures)
    {
    }

    /** @return list<BookProblem> */
    public function problems(Book $book): array
    {
        return array_values(
            [
                ...(new BuildCheck())->problems($book),
                ...(new ProofCheck($this->figures))->problems($book),
                ...$this->kits($book),
                ...$this->selective($book),
                ...$this->figures($book),
                ...$this->watchAndContents($book),
                ...$this->lifts($book),
            ]
        );
    }

    /** @return iterable<int, BookProblem> what the models weigh, and what is heavy at a step */
    private function lifts(Book $book): iterable
    {
        if (null !== $book->upkeep->safety && '' === $book->upkeep->safety->weight) {
            foreach ($book->models as $i => $model) {
                if (null === Lifting::kg($model->facts['weight'] ?? '')) {
                    yield new BookProblem('models/'.$i, 'does not say what it weighs ("weight: 9 kg" among its facts).');
                }
            }
        }
        foreach (array_values($book->strip) as $i => $step) {
            if (1 === preg_match('/\d kg/', $step->caution)) {
                yield new BookProblem('strip/'.$i, 'tells a weight in its caution: what is heavy stands in "lifts", with how it hangs.');
            }
            foreach ($step->lifts as $lift) {
                if (!\in_array($lift->part, $step->removes, true)) {
                    yield new BookProblem('strip/'.$i, \sprintf('lifts "%s", which does not come out with "%s".', $lift->part, $step->key));
                }
                if ('' === $lift->what && $lift->kg > (Lifting::heaviest($book) ?? \INF)) {
                    yield new BookProblem('strip/'.$i, \sprintf('"%s" is heavier than the whole unit.', $lift->part));
                }
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function kits(Book $book): iterable
    {
        foreach ($book->upkeep->kits as $kit) {
            foreach ($kit->pieces as $part => $count) {
                $takes = $book->parts[$part]->count ?? 0;
                if (!\in_array($part, $kit->parts, true) || $count > $takes) {
                    yield new BookProblem(
                        'kits/'.$kit->key,
                        \sprintf(
                            'has %d of "%s", and the unit takes %d; what is for other units stands in for-others.',
                            $count,
                            $part,
                            $takes,
                        ),
                    );
                }
            }
            foreach ([...$kit->parts, ...$kit->without] as $part) {
                if (!isset($book->parts[$part])) {
                    yield new BookProblem('kits/'.$kit->key, \sprintf('there is no part "%s".', $part));
                }
            }
        }
        if ([] !== $book->upkeep->kits) {
            $named = array_merge(
                ...array_map(static fn (Kit $kit): array => [...$kit->parts, ...$kit->without], array_values($book->upkeep->kits))
            );
            foreach ($book->parts as $part) {
                if (Reuse::Never === $part->reuse && !\in_array($part->key, $named, true)) {
                    yield new BookProblem(
                        'parts/'.$part->key,
                        'is never reused, but no kit has it nor says that it has to be bought besides (without).',
                    );
                }
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function selective(Book $book): iterable
    {
        $settings = array_map(static fn (BuildSetting $one): string => $one->key, $book->upkeep->settings);
        foreach ($book->upkeep->selective as $one) {
            $at = 'selective/'.$one->key;
            if (!isset($book->parts[$one->part])) {
                yield new BookProblem($at, \sprintf('there is no part "%s".', $one->part));
            }
            if ('' !== $one->setting && !\in_array($one->setting, $settings, true)) {
                yield new BookProblem($at, \sprintf('there is no setting "%s" that it could set.', $one->setting));
            }
            try {
                $one->lengths();
            } catch (QuantityError $error) {
                yield new BookProblem($at, $error->getMessage());
            }
        }
    }

    /** @return iterable<int, BookProblem> figures beside a step that are none */
    private function figures(Book $book): iterable
    {
        foreach (['settings' => $book->upkeep->settings, 'acts' => $book->upkeep->acts, 'fits' => $book->upkeep->fits] as $list => $all) {
            foreach ($all as $i => $one) {
                if ('' !== $one->figure && !$this->figures->has($one->figure)) {
                    yield new BookProblem($list.'/'.$i, \sprintf('there is no figure "%s".', $one->figure));
                }
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function watchAndContents(Book $book): iterable
    {
        foreach ($book->watch as $watch) {
            if (!$book->hasPlace($watch->place)) {
                yield new BookProblem('watch/'.$watch->key.'/place', \sprintf('"%s" is no part or surface of this book.', $watch->place));
            }
        }
        $models = array_map(static fn (Model $model): string => strtolower($model->name()), $book->models);
        foreach ($book->contents as $i => $content) {
            if (!isset($book->parts[$content->part])) {
                yield new BookProblem("contents/$i/part", \sprintf('there is no part "%s".', $content->part));
            }
            foreach (array_diff(array_map(strtolower(...), array_keys($content->should)), $models, ['all']) as $model) {
                yield new BookProblem(
                    "contents/$i/should",
                    \sprintf('there is no model "%s"; expected maker and model as at the head, or "all".', $model),
                );
            }
        }
    }
}
