<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Reads what a book says of putting together: that each step says what it needs, and that no order contradicts another. */
final readonly class BuildCheck
{
    /** @return iterable<int, BookProblem> */
    public function problems(Book $book): iterable
    {
        yield from $this->fits($book);
        yield from $this->settings($book);
        yield from $this->acts($book);
        yield from $this->sets($book);
        yield from $this->fasteners($book);
        yield from $this->variants($book);
    }

    /** @return iterable<int, BookProblem> models and duties by which units are told apart, and which the book does not have */
    private function variants(Book $book): iterable
    {
        $models = array_map(static fn (Model $one): string => $one->name(), $book->models);
        $told = [];
        foreach (['settings', 'acts', 'sets'] as $list) {
            foreach ($book->upkeep->{$list} as $i => $one) {
                $told[$list.'/'.$i] = $one->for;
                foreach ($one instanceof BuildAct ? $one->laid : [] as $at => $row) {
                    $told[$list.'/'.$i.'/laid/'.$at] = $row->for;
                }
            }
        }
        foreach (array_filter($told) as $here => $for) {
            foreach (array_diff($for->models, $models) as $model) {
                yield new BookProblem($here, \sprintf('is for "%s", and the book has only %s.', $model, implode(', ', $models)));
            }
            foreach (array_diff($for->duties, array_keys($book->duties)) as $duty) {
                yield new BookProblem($here, \sprintf('is for a duty "%s" that the book does not have.', $duty));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function fits(Book $book): iterable
    {
        foreach (array_values($book->strip) as $i => $step) {
            $fits = $book->upkeep->fitsOf($step->key);
            if ([] !== $step->removes && [] === $fits) {
                yield new BookProblem(
                    'strip/'.$i,
                    \sprintf(
                        '"%s" takes parts out, and no entry of "fits" says how they go in: what is wetted, what stays dry.',
                        $step->key,
                    ),
                );
            }
            $in = array_merge(...array_map(static fn (FitCare $one): array => $one->parts, $fits));
            foreach (1 === \count($fits) && [] === $in ? [] : array_diff($step->removes, $in) as $part) {
                if ([] !== $fits) {
                    yield new BookProblem('fits', \sprintf('"%s" of strip step "%s" never goes in again.', $part, $step->key));
                }
            }
        }
        foreach ($book->upkeep->fits as $i => $fit) {
            if (!isset($book->strip[$fit->step])) {
                yield new BookProblem('fits/'.$i, \sprintf('there is no strip step "%s" whose parts could go in.', $fit->step));
            }
            foreach (array_diff($fit->parts, $book->strip[$fit->step]->removes ?? []) as $part) {
                yield new BookProblem('fits/'.$i, \sprintf('"%s" does not come out with "%s".', $part, $fit->step));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function settings(Book $book): iterable
    {
        $at = self::orderOf($book);
        $keys = [];
        foreach ($book->upkeep->settings as $i => $setting) {
            $here = 'settings/'.$i;
            yield from $this->placed($book, $here, $setting->key, $setting->after, $setting->before, $keys);
            $keys[] = $setting->key;
            if ($setting->isTorque() !== (null !== $setting->threads)) {
                yield new BookProblem($here, 'a torque says for which threads it is: dry, oiled or sealant; nothing else does.');
            }
            if ($setting->tightened && !self::isTightenedAt($book, $setting->after)) {
                yield new BookProblem($here, 'is read when what holds it is tight, but nothing is tightened there.');
            }
            if ('' !== $setting->reads && null === $book->field($setting->reads)) {
                yield new BookProblem($here, \sprintf('there is no reading "%s" to compare it with.', $setting->reads));
            }
            if ('' !== $setting->fastens && !isset($book->upkeep->fasteners[$setting->fastens])) {
                yield new BookProblem($here, \sprintf('there are no fasteners "%s" to be tightened.', $setting->fastens));
            }
            if ($setting->tab && !self::hasTabAt($book, $setting->after)) {
                yield new BookProblem($here, 'is locked by a tab, and no act of the kind "tab" bends it after it.');
            }
            foreach ($setting->again as $step) {
                if (!isset($at[$step]) || $at[$step] <= ($at[$setting->after] ?? -1)) {
                    yield new BookProblem($here, \sprintf('is read again after "%s", which is no step after its own.', $step));
                }
            }
        }
    }

    /**
     * @param list<string> $taken keys that are taken
     *
     * @return iterable<int, BookProblem>
     */
    private function placed(Book $book, string $here, string $key, string $after, string $before, array $taken): iterable
    {
        foreach (['after' => $after, 'before' => $before] as $where => $step) {
            if ('' !== $step && !isset(self::orderOf($book)[$step])) {
                yield new BookProblem($here, \sprintf('there is no strip step "%s" %s which it could be set.', $step, $where));
            }
        }
        if ('' !== $after && '' !== $before) {
            yield new BookProblem($here, \sprintf('is done after "%s" and before "%s": one of the two is enough.', $after, $before));
        }
        if (\in_array($key, $taken, true)) {
            yield new BookProblem($here, \sprintf('there are two of the key "%s".', $key));
        }
    }

    /** @return iterable<int, BookProblem> */
    private function acts(Book $book): iterable
    {
        $keys = [];
        foreach ($book->upkeep->acts as $i => $act) {
            yield from $this->placed($book, 'acts/'.$i, $act->key, $act->after, $act->before, $keys);
            $keys[] = $act->key;
            if ((ActKind::Order === $act->kind) !== ([] !== $act->laid)) {
                yield new BookProblem('acts/'.$i, 'an order says what is laid where (laid); nothing else does.');
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function sets(Book $book): iterable
    {
        $at = self::orderOf($book);
        $keys = [];
        foreach ($book->upkeep->sets as $i => $set) {
            $here = 'sets/'.$i;
            yield from $this->placed($book, $here, $set->key, $set->after, '', $keys);
            $keys[] = $set->key;
            foreach ($set->parts as $part) {
                $in = self::goesInWith($book, $part);
                if (!isset($book->parts[$part])) {
                    yield new BookProblem($here, \sprintf('there is no part "%s".', $part));
                } elseif (null !== $in && '' !== $set->after && $at[$in] > ($at[$set->after] ?? \PHP_INT_MAX)) {
                    yield new BookProblem(
                        $here,
                        \sprintf('is looked at after "%s", but "%s" goes in only with "%s".', $set->after, $part, $in),
                    );
                }
            }
            if ([] === array_filter($set->positions, static fn (Position $one): bool => PositionIs::Right === $one->is)) {
                yield new BookProblem($here, 'has no position that is right.');
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function fasteners(Book $book): iterable
    {
        $tightened = array_map(static fn (BuildSetting $one): string => $one->fastens, $book->upkeep->settings);
        foreach ($book->upkeep->fasteners as $key => $one) {
            $here = 'fasteners/'.$key;
            if (!\in_array($key, $tightened, true)) {
                yield new BookProblem($here, 'no torque of the settings tightens them (fastens).');
            }
            if (!isset($book->strip[$one->step])) {
                yield new BookProblem($here, \sprintf('there is no strip step "%s" with which they come off.', $one->step));
            }
            if ('' !== $one->part && $one->count() !== ($book->parts[$one->part]->count ?? 0)) {
                yield new BookProblem(
                    $here,
                    \sprintf(
                        'their places hold %d, and the unit has %d of "%s".',
                        $one->count(),
                        $book->parts[$one->part]->count ?? 0,
                        $one->part,
                    ),
                );
            }
        }
    }

    /** @return array<string, int> strip steps, and steps in which their parts go in, each with its place in the build */
    private static function orderOf(Book $book): array
    {
        $order = [];
        foreach (array_reverse($book->strip) as $step) {
            foreach ($book->upkeep->fitsOf($step->key) as $fit) {
                $order[$fit->key] = \count($order);
            }
            $order[$step->key] ??= \count($order);
        }

        return $order;
    }

    /** The step in which a part goes in; null: in none. */
    private static function goesInWith(Book $book, string $part): ?string
    {
        foreach ($book->upkeep->fits as $fit) {
            $parts = [] === $fit->parts ? $book->strip[$fit->step]->removes ?? [] : $fit->parts;
            if (\in_array($part, $parts, true)) {
                return $fit->key;
            }
        }

        return null;
    }

    private static function isTightenedAt(Book $book, string $step): bool
    {
        $here = static fn (BuildSetting $one): bool => $one->after === $step && $one->isTorque();

        return [] !== array_filter($book->upkeep->settings, $here);
    }

    private static function hasTabAt(Book $book, string $step): bool
    {
        $here = static fn (BuildAct $one): bool => $one->after === $step && ActKind::Tab === $one->kind;

        return [] !== array_filter($book->upkeep->acts, $here);
    }
}
