<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Figure\Fill\Take;
use Japhrex\Core\Figure\Fill\Term;
use Japhrex\Core\Figure\Key;

/** What a book fills into a figure: keys that the figure has, readings and facts that the book has. */
final readonly class FillCheck
{
    public function __construct(private FigureRegistry $figures)
    {
    }

    /** @return list<string> readings of which each place is taken */
    public function takenEach(Fill $fill): array
    {
        try {
            return array_map(
                static fn (Term $term): string => $term->reference,
                array_values(array_filter($fill->readings(), static fn (Term $term): bool => Take::Each === $term->take)),
            );
        } catch (\DomainException) {
            // What cannot be read is told once.
            return [];
        }
    }

    /** @return iterable<int, BookProblem> */
    public function problems(Book $book, string $path, Fill $fill): iterable
    {
        if (!$this->figures->has($fill->figure)) {
            yield new BookProblem($path, \sprintf('there is no figure "%s".', $fill->figure));

            return;
        }
        $known = array_map(static fn (Key $key): string => $key->name, $this->figures->card($fill->figure)->keys);
        foreach (array_diff(array_keys($fill->keys), $known) as $key) {
            yield new BookProblem(
                $path.'/fill',
                \sprintf('the figure %s has no key "%s"; it has %s.', $fill->figure, $key, implode(', ', $known)),
            );
        }
        try {
            foreach ($fill->readings() as $term) {
                if (null === $term->take && [] !== ($book->field($term->reference)?->positions() ?? [])) {
                    yield new BookProblem(
                        $path.'/fill',
                        \sprintf(
                            '"%1$s" has several places: say which it takes, as in each(%1$s), least, largest, mean or worst.',
                            $term->reference,
                        ),
                    );
                } elseif (
                    null !== $term->take
                        && null !== ($field = $book->field($term->reference))
                        && [] === $field->positions()
                        && null === $field->from
                ) {
                    yield new BookProblem(
                        $path.'/fill',
                        \sprintf('"%s" is read at one place: it takes no %s(…).', $term->reference, $term->take->value),
                    );
                }
            }
            foreach ($fill->references() as $reference) {
                if (!str_contains($reference, ':') && null === $book->field($reference)) {
                    yield new BookProblem($path.'/fill', \sprintf('"%s" is no reading of this book.', $reference));
                } elseif (
                    str_starts_with($reference, 'model:')
                        && [] === array_filter($book->models, static fn (Model $model): bool => isset($model->facts[substr($reference, 6)]))
                ) {
                    yield new BookProblem(
                        $path.'/fill',
                        \sprintf(
                            'no model of this book has the fact "%s"; a name of two words is quoted: "gear width": 26 mm.',
                            substr($reference, 6),
                        ),
                    );
                }
            }
        } catch (\DomainException $error) {
            yield new BookProblem($path.'/fill', $error->getMessage());
        }
    }
}
