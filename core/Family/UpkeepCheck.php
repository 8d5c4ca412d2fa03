<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\FigureError;
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
                ...$this->fits($book),
                ...$this->settings($book),
                ...$this->proof($book),
                ...$this->kits($book),
                ...$this->watchAndContents($book),
            ]
        );
    }

    /** @return iterable<int, BookProblem> */
    private function fits(Book $book): iterable
    {
        foreach (array_values($book->strip) as $i => $step) {
            if ([] !== $step->removes && !isset($book->upkeep->fits[$step->key])) {
                yield new BookProblem(
                    'strip/'.$i,
                    \sprintf(
                        '"%s" takes parts out, and no entry of "fits" says how they go in: what is wetted, what stays dry.',
                        $step->key,
                    ),
                );
            }
        }
        foreach (array_values($book->upkeep->fits) as $i => $fit) {
            if (!isset($book->strip[$fit->step])) {
                yield new BookProblem('fits/'.$i, \sprintf('there is no strip step "%s" whose parts could go in.', $fit->step));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function settings(Book $book): iterable
    {
        foreach ($book->upkeep->settings as $i => $setting) {
            foreach (['after' => $setting->after, 'before' => $setting->before] as $where => $step) {
                if ('' !== $step && !isset($book->strip[$step])) {
                    yield new BookProblem(
                        'settings/'.$i,
                        \sprintf('there is no strip step "%s" %s which it could be set.', $step, $where),
                    );
                }
            }
            if ($setting->isTorque() !== (null !== $setting->threads)) {
                yield new BookProblem(
                    'settings/'.$i,
                    'a torque says for which threads it is: dry, oiled or sealant; nothing else does.',
                );
            }
            if ($setting->tightened && [] === array_filter(
                $book->upkeep->settings,
                static fn (BuildSetting $one): bool => $one->after === $setting->after && $one->isTorque(),
            )) {
                yield new BookProblem('settings/'.$i, 'is read when what holds it is tight, but nothing is tightened there.');
            }
            if ('' !== $setting->reads && null === $book->field($setting->reads)) {
                yield new BookProblem('settings/'.$i, \sprintf('there is no reading "%s" to compare it with.', $setting->reads));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function proof(Book $book): iterable
    {
        $there = array_map(static fn (ProofStep $step): ?ProofPhase => $step->phase, $book->upkeep->proof);
        foreach ([] === $there ? [] : ProofPhase::cases() as $phase) {
            $isDry = ProofPhase::Fill === $phase && '' === $book->medium;
            if (null !== $phase->missing() && !$isDry && !\in_array($phase, $there, true)) {
                yield new BookProblem('proof', $phase->missing());
            }
        }
        foreach ($book->upkeep->proof as $i => $step) {
            if (null === $step->phase) {
                yield new BookProblem('proof/'.$i, 'does not say when: phase fill, hand, direction, low, load, hot or rest.');
            }
            foreach ($step->reads as $k => $read) {
                try {
                    $read->limits();
                    [] === $read->curve || $this->figures->compute('power-curve', $read->curve + ['points' => '100 bar@10 lpm']);
                } catch (\DomainException|FigureError|QuantityError $error) {
                    yield new BookProblem("proof/$i/reads/$k", $error->getMessage());
                }
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function kits(Book $book): iterable
    {
        foreach ($book->upkeep->kits as $kit) {
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
