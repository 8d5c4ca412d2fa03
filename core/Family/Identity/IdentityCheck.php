<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\Model;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Can units be told apart by what a book says, and does each of its models move what its own parts make? */
final readonly class IdentityCheck
{
    /** What a new unit of a model may differ by from what its own geometry makes. */
    private const OWN = 0.03;

    public function __construct(private FigureRegistry $figures)
    {
    }

    /** @return iterable<int, BookProblem> */
    public function problems(Book $book): iterable
    {
        foreach ($book->identity->features as $key => $feature) {
            yield from $this->feature($book, 'identity/features/'.$key, $feature);
        }
        foreach ($book->models as $i => $model) {
            foreach ($book->identity->features as $feature) {
                try {
                    '' === ($model->facts[$feature->fact] ?? '') || $feature->value($model->facts[$feature->fact]);
                } catch (IdentityError $error) {
                    yield new BookProblem('models/'.$i, $error->getMessage());
                }
            }
            yield from $this->moves($book, 'models/'.$i, $model->facts['displacement'] ?? '', $model);
        }
        yield from $this->references($book);
    }

    /** @return iterable<int, BookProblem> */
    private function feature(Book $book, string $at, Feature $feature): iterable
    {
        $told = array_filter($book->models, static fn (Model $model): bool => isset($model->facts[$feature->fact]));
        if ([] === $told && !$feature->isOutside) {
            yield new BookProblem($at, \sprintf('no model has the fact "%s": it tells none from another.', $feature->fact));
        }
        $field = '' === $feature->reading ? null : $book->field($feature->reading);
        if ('' !== $feature->reading && $field?->dimension !== $feature->dimension) {
            yield new BookProblem($at.'/reading', \sprintf('"%s" is no reading of this book of the same kind.', $feature->reading));
        }
        foreach ($told as $model) {
            if ([] !== $feature->options && !\in_array($model->facts[$feature->fact], $feature->options, true)) {
                yield new BookProblem($at.'/options', \sprintf('lack "%s", which %s has.', $model->facts[$feature->fact], $model->name()));
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function references(Book $book): iterable
    {
        $moves = $book->identity->displacement;
        if (null === $moves) {
            return;
        }
        if (!$this->figures->has($moves->fill->figure)) {
            yield new BookProblem('identity/displacement/figure', \sprintf('there is no figure "%s".', $moves->fill->figure));
        }
        foreach ($moves->fill->references() as $reference) {
            $feature = str_starts_with($reference, 'seen:') ? $book->identity->features[substr($reference, 5)] ?? null : null;
            if (null === $feature?->dimension) {
                yield new BookProblem(
                    'identity/displacement/fill',
                    \sprintf('"%s" is no size or count among the features of this book.', $reference),
                );
            }
        }
    }

    /** @return iterable<int, BookProblem> */
    private function moves(Book $book, string $at, string $plate, Model $model): iterable
    {
        $how = $book->identity->displacement;
        if (null === $how || '' === $plate || !$this->figures->has($how->fill->figure)) {
            return;
        }
        $size = (new Filler($this->figures))->derive($how->fill, new SeenSources($book->identity->features, [], $model))->size;
        try {
            $says = Quantity::parse($plate, Dimension::Displacement)->si;
        } catch (QuantityError) {
            return;
        }
        if (null === $size) {
            yield new BookProblem($at, 'lacks a fact that its displacement follows from, or they make no pump.');
        } elseif (abs($size->x / $says - 1) > self::OWN) {
            yield new BookProblem($at, \sprintf(
                'says %s, and its own parts make %.1f cm3/rev.',
                $plate,
                Quantity::si($size->x, Dimension::Displacement)->in('cm3/rev'),
            ));
        }
    }
}
