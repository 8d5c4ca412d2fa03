<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** The book of one unit: without what is for other versions, years, controls, rotations or shaft ends than it has. */
final readonly class BookVariants
{
    /**
     * @param array<mixed> $content of the book's file
     * @param Model|null $model of the book, that it is
     *
     * @return array<mixed> the same content where nothing is for others
     *
     * @throws BookError naming a `for` that cannot be read
     */
    public static function of(array $content, UnitIs $unit, ?Model $model): array
    {
        $isCut = false;
        $stays = static function (array $value) use ($unit, &$isCut): bool {
            $stays = !\is_array($value['for'] ?? null) || false !== Variant::of(new Data($value))?->isFor($unit);
            $isCut = $isCut || !$stays;

            return $stays;
        };
        $cut = (new BookCut($stays))->of($content);

        return ModelSizes::of($isCut ? BookCut::listed($cut) : $content, $model);
    }
}
