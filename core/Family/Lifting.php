<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** What is lifted at a step, and what that takes. Local rules come first, and ask less of most people. */
final readonly class Lifting
{
    /** The most that one person lifts, upright, close to the body and now and then (reference mass of ISO 11228-1). */
    public const ONE_PERSON = 25.0;

    /** @return float|null in kg; null: these words are no weight */
    public static function kg(string $words): ?float
    {
        try {
            return Quantity::parse($words, Dimension::Mass)->si;
        } catch (QuantityError) {
            return null;
        }
    }

    /** What the whole unit weighs; where nobody has said which model it is, up to the heaviest. Empty: the book does not say. */
    public static function weight(Book $book, UnitIs $unit): string
    {
        $known = $book->model($unit->model)->facts['weight'] ?? '';
        if ('' !== $known) {
            return $known;
        }
        $heaviest = self::heaviest($book);

        return null === $heaviest ? $book->upkeep->safety->weight ?? '' : \sprintf('up to %s kg', self::number($heaviest));
    }

    /** @return float|null kg; null: the book gives no model's */
    public static function heaviest(Book $book): ?float
    {
        $kg = array_filter(array_map(static fn (Model $one): ?float => self::kg($one->facts['weight'] ?? ''), $book->models));

        return [] === $kg ? null : max($kg);
    }

    /**
     * What is heavy at a step of the strip, or where its parts go in again; at the first of the strip, which is the last of the build,
     * the whole unit too.
     *
     * @param list<string> $parts that leave the unit or go in
     *
     * @return list<string>
     */
    public static function at(Book $book, StripStep $step, array $parts, UnitIs $unit): array
    {
        $says = [];
        foreach ($step->lifts as $lift) {
            if (\in_array($lift->part, $parts, true) && false !== $lift->for?->isFor($unit)) {
                $says[] = self::says(
                    ('' === $lift->what ? $book->parts[$lift->part]->name ?? $lift->part : $lift->what)
                        .(null === Variant::open($lift->for, $unit) ? '' : ' ('.$lift->for?->says().')'),
                    self::number($lift->kg).' kg',
                    $lift->kg,
                    $lift->hangs,
                );
            }
        }

        $whole = $step->key === array_key_first($book->strip) ? self::whole($book, $unit) : '';

        return [...$says, ...('' === $whole ? [] : [$whole])];
    }

    /** The whole unit, as it comes onto the bench and leaves it; empty: one person lifts it, or the book does not say. */
    private static function whole(Book $book, UnitIs $unit): string
    {
        $weight = self::weight($book, $unit);
        $kg = self::kg(str_replace('up to ', '', $weight)) ?? 0.0;

        return $kg <= self::ONE_PERSON ? '' : self::says('The whole unit', $weight, $kg, $book->upkeep->safety->hangs ?? '');
    }

    private static function says(string $what, string $weight, float $kg, string $hangs): string
    {
        return \sprintf(
            '%s, %s: %s%s.',
            $what,
            $weight,
            $kg > self::ONE_PERSON ? 'hoisted, nobody under it; ' : '',
            rtrim($hangs, '.'),
        );
    }

    private static function number(float $kg): string
    {
        return rtrim(rtrim(number_format($kg, 1, '.', ''), '0'), '.');
    }
}
