<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Damage\Sense;
use Japhrex\Core\Family\Identity\IdentityCheck;
use Japhrex\Core\Figure\FigureRegistry;

/** Reads a book as somebody would who knows the trade, and says what cannot be right. */
final readonly class BookCheck
{
    private FillCheck $fills;

    public function __construct(private FigureRegistry $figures = new FigureRegistry())
    {
        $this->fills = new FillCheck($figures);
    }

    /** @return list<BookProblem> */
    public function problems(Book $book): array
    {
        return array_values([
            ...$this->carriers($book),
            ...$this->strip($book),
            ...$this->parts($book),
            ...$this->complaints($book),
            ...(new OilCheck($this->figures, $this->fills))->problems($book),
            ...(new UpkeepCheck($this->figures))->problems($book),
            ...(new IdentityCheck($this->figures))->problems($book),
            ...(new VariantCheck())->problems($book),
        ]);
    }

    /** @return iterable<int, BookProblem> */
    private function carriers(Book $book): iterable
    {
        $joined = [];
        foreach ($book->carriers as $i => $carrier) {
            foreach (['from' => $carrier->from, 'to' => $carrier->to] as $end => $place) {
                $joined[explode('/', $place)[0]] = true;
                if (!$book->hasPlace($place)) {
                    yield new BookProblem("carriers/$i/$end", \sprintf('"%s" is no part or surface of this book.', $place));
                }
            }
        }
        foreach ($book->carriers as $i => $carrier) {
            $ends = array_map(static fn (string $place): ?Part => $book->part(explode('/', $place)[0]), [$carrier->from, $carrier->to]);
            if (
                '' !== $carrier->filter && [] === array_filter($ends, static fn (?Part $part): bool => true === $part?->does(Debris::Sieve))
            ) {
                yield new BookProblem("carriers/$i/filter", \sprintf(
                    'which part holds the debris back? Write "debris: [catches, sieve]" at %s or at %s.',
                    $ends[0]->name ?? $carrier->from,
                    $ends[1]->name ?? $carrier->to,
                ));
            }
        }
        foreach ($book->parts as $part) {
            if (!isset($joined[$part->key])) {
                yield new BookProblem('parts/'.$part->key, 'hangs loose: no carrier joins it to another part.');
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function strip(Book $book): iterable
    {
        $removed = [];
        $done = [];
        foreach ($book->backgrounds as $i => $one) {
            if (!$book->hasPlace($one->place)) {
                yield new BookProblem("background/$i/place", \sprintf('"%s" is no part or surface of this book.', $one->place));
            }
        }
        foreach ($book->bench->made as $i => $made) {
            if (!isset($book->strip[$made->step])) {
                yield new BookProblem("bench/made/$i/step", \sprintf('there is no step "%s".', $made->step));
            }
        }
        foreach (array_values($book->strip) as $i => $step) {
            foreach ($step->needs as $need) {
                if (!isset($book->strip[$need])) {
                    yield new BookProblem("strip/$i/needs", \sprintf('there is no step "%s".', $need));
                } elseif (!isset($done[$need])) {
                    yield new BookProblem(
                        "strip/$i/needs",
                        \sprintf('step "%s" stands later in the usual order than the step that needs it.', $need),
                    );
                }
            }
            $done[$step->key] = true;
            foreach ($step->adjusters as $adjuster) {
                if (true !== $book->field($adjuster)?->adjuster) {
                    yield new BookProblem(
                        "strip/$i/adjusters",
                        \sprintf('"%s" is no reading of this book that is marked as an adjuster.', $adjuster),
                    );
                }
            }
            foreach ([...$step->removes, ...$step->facing] as $part) {
                if (!isset($book->parts[$part])) {
                    yield new BookProblem("strip/$i", \sprintf('there is no part "%s".', $part));
                }
            }
            foreach ($step->removes as $part) {
                if (isset($removed[$part])) {
                    yield new BookProblem("strip/$i/removes", \sprintf('"%s" was taken off by step "%s" already.', $part, $removed[$part]));
                }
                $removed[$part] ??= $step->key;
                if (null !== ($book->parts[$part]->facing ?? null) && !\in_array($part, $step->facing, true)) {
                    yield new BookProblem(
                        "strip/$i/facing",
                        \sprintf('"%s" can go in the wrong way: its facing is recorded before it is lifted.', $part),
                    );
                }
            }
            if ('' !== $step->opens && ([] === $step->needs || [] === $step->removes)) {
                yield new BookProblem(
                    "strip/$i/opens",
                    \sprintf(
                        '"%s" is opened off the unit: needs names the step that takes it off whole, removes the parts in it.',
                        $step->opens,
                    ),
                );
            }
            if ([] !== $step->look && !isset($book->parts[$step->lookAt])) {
                yield new BookProblem("strip/$i/look-at", 'which part are the looks at? The step takes none off: name one of the book.');
            }
            if ([] !== $step->hides && [] === $step->stuck) {
                yield new BookProblem("strip/$i/stuck", 'something hides here, but nothing says what to do when it is stuck.');
            }
        }
        foreach ($book->parts as $part) {
            if (!isset($removed[$part->key]) && !$part->isNeighbour) {
                yield new BookProblem('parts/'.$part->key, 'no strip step takes it off, so it would never be looked at.');
            } elseif (isset($removed[$part->key]) && $part->isNeighbour) {
                yield new BookProblem('neighbours/'.$part->key, 'a strip step takes it off: then it is a part of the unit.');
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function complaints(Book $book): iterable
    {
        foreach ($book->complaints as $complaint) {
            $path = "complaints/$complaint->key/parts";
            if ([] === $complaint->parts) {
                yield new BookProblem($path, 'is missing: on which parts does it hang? Name each whose fault is enough to make it.');
            }
            foreach (array_filter($complaint->parts, static fn (string $part): bool => !isset($book->parts[$part])) as $part) {
                yield new BookProblem($path, \sprintf('there is no part "%s".', $part));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function parts(Book $book): iterable
    {
        foreach ($book->parts as $part) {
            if ([] === $part->kinds) {
                yield new BookProblem(
                    "parts/$part->key/kind",
                    'is missing: what is it, and what does it do? The kinds stand in docs/books.md.',
                );
            }
            if ('' === $part->material && !$part->isNeighbour) {
                yield new BookProblem("parts/$part->key/material", 'is missing: of what is it?');
            }
            foreach ($part->fields as $field) {
                $path = 'parts/'.$part->key.'/readings/'.$field->key;
                yield from $this->limits($book, $path, $field);
                yield from self::places($path, $field);
                if (null !== $field->from) {
                    yield from $this->fills->problems($book, $path.'/figure', $field->from);
                } elseif ('' === $field->gauge) {
                    yield new BookProblem($path.'/gauge', 'is missing: with what is it measured? Only what a figure works out needs none.');
                }
            }
            foreach ($part->figures as $i => $use) {
                $path = 'parts/'.$part->key.'/figures/'.$i;
                yield from $this->fills->problems($book, $path, $use->fill);
                foreach ($this->fills->takenEach($use->fill) as $reference) {
                    yield new BookProblem(
                        $path.'/fill',
                        \sprintf('a figure beside a part has one answer: say least, largest, mean or worst of "%s", not each.', $reference),
                    );
                }
            }
            yield from $this->accepts($book, 'parts/'.$part->key, $part);
            foreach ($part->senses as $sense) {
                if (null === Sense::tryFrom($sense)) {
                    yield new BookProblem(
                        'parts/'.$part->key.'/senses',
                        \sprintf('"%s" is no sense; expected %s.', $sense, implode(', ', array_column(Sense::cases(), 'value'))),
                    );
                }
            }
            if (Reuse::Inspect !== $part->reuse && '' === $part->reuseWhy) {
                yield new BookProblem('parts/'.$part->key.'/reuse', 'is not reused, but does not say why (reuse-why).');
            }
        }
        foreach ($book->pairs as $i => $pair) {
            foreach ($pair->parts as $part) {
                if (!isset($book->parts[$part])) {
                    yield new BookProblem("pairs/$i", \sprintf('there is no part "%s".', $part));
                }
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private static function places(string $path, Field $field): iterable
    {
        if ([] !== $field->places && null === $field->placesAre) {
            yield new BookProblem(
                $path.'/places-are',
                'is missing: are the places repeats (the same spot again) or positions (each a size of its own)?',
            );
        }
        if (\count($field->places) !== \count(array_unique($field->places)) || \in_array('', $field->places, true)) {
            yield new BookProblem($path.'/places', 'each place is named, and named once.');
        }
        if (null !== $field->formMost && \count($field->positions()) < 2) {
            yield new BookProblem($path.'/form-max', 'a limit on form needs two positions or more.');
        }
    }

    /** @return iterable<int, BookProblem> */
    private function accepts(Book $book, string $path, Part $part): iterable
    {
        foreach ($part->accepts as $i => $one) {
            if ('' !== $one->duty && !isset($book->duties[$one->duty])) {
                yield new BookProblem($path.'/accepts/'.$i, \sprintf('there is no duty "%s".', $one->duty));
            }
            if ('' !== $one->surface && !isset($part->surfaces[$one->surface])) {
                yield new BookProblem($path.'/accepts/'.$i, \sprintf('the part has no surface "%s".', $one->surface));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function limits(Book $book, string $path, Field $field): iterable
    {
        if ([] === $field->sets && '' === $field->whyNoLimit) {
            yield new BookProblem($path, 'has no limit and does not say why (no-limit).');
        }
        $keys = [];
        foreach ($field->sets as $set) {
            if ($set->limits->contradictNew()) {
                yield new BookProblem($path, 'the size when new lies outside its own limits.');
            }
            if ('' === $set->source) {
                yield new BookProblem($path, 'has a limit without a source.');
            }
            if ('' !== $set->duty && !isset($book->duties[$set->duty])) {
                yield new BookProblem($path.'/limits', \sprintf('there is no duty "%s".', $set->duty));
            }
            if (isset($keys[$set->key])) {
                yield new BookProblem($path.'/limits', \sprintf('two limits are called "%s".', $set->key));
            }
            $keys[$set->key] = true;
        }
        try {
            foreach (['', ...array_keys($book->duties)] as $duty) {
                $field->limits($duty);
            }
        } catch (\DomainException) {
            yield new BookProblem($path.'/limits', 'the sources together allow no size at all.');
        }
    }
}
