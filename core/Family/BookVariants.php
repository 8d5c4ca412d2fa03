<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** The book of one unit: without what is for other versions, years, controls, rotations or shaft ends than it has. */
final readonly class BookVariants
{
    /**
     * @param array<mixed> $content of the book's file
     *
     * @return array<mixed> the same content where nothing is for others
     *
     * @throws BookError naming a `for` that cannot be read
     */
    public static function of(array $content, UnitIs $unit): array
    {
        $cut = (new BookCut(
            static fn (array $value): bool => !\is_array($value['for'] ?? null)
                || false !== Variant::of(new Data($value))?->isFor($unit),
        ))->of($content);
        $models = array_map(Model::of(...), (new Data($content))->maps('models'));
        $is = array_values(array_filter($models, static fn (Model $one): bool => $one->isCalled($unit->model)));

        return ModelSizes::of($cut === $content ? $content : BookCut::listed($cut), $is[0] ?? null);
    }
}
