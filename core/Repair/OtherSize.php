<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Model;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/**
 * Another model of the family in the place of this one, by the facts of the book: flow goes with the displacement, torque with displacement
 * times pressure (T = V·p / 2π), power with both and the speed.
 */
final readonly class OtherSize
{
    /** Facts that nothing has to fit; what else differs has to. */
    private const NO_FIT = ['displacement', 'rated pressure', 'weight'];

    /**
     * @param float $flow of the other one as a share of this one's, at the same speed
     * @param float $torque at the same pressure, as a share
     * @param array<string, array{string, string}> $differs what has to fit and is not the same: fact => this one's, the other's
     */
    private function __construct(public Model $model, public float $flow, public float $torque, public array $differs)
    {
    }

    /** @return list<self> every other model that the book has a displacement of, the nearest in size first */
    public static function of(Book $book, Model $now): array
    {
        $mine = self::displacement($now);
        $sizes = [];
        foreach (null === $mine ? [] : $book->models as $model) {
            $other = self::displacement($model);
            if ($model->name() !== $now->name() && null !== $other) {
                $sizes[] = new self($model, $other / $mine, $other / $mine, self::differs($now, $model));
            }
        }
        usort($sizes, static fn (self $a, self $b): int => abs(log($a->flow)) <=> abs(log($b->flow)));

        return $sizes;
    }

    private static function displacement(Model $model): ?float
    {
        try {
            $size = Quantity::parse($model->facts['displacement'] ?? '', Dimension::Displacement)->si;
        } catch (QuantityError) {
            return null;
        }

        return $size > 0.0 ? $size : null;
    }

    /** @return array<string, array{string, string}> */
    private static function differs(Model $now, Model $other): array
    {
        $differs = [];
        foreach (array_diff_key($now->facts + $other->facts, array_flip(self::NO_FIT)) as $fact => $value) {
            if (($now->facts[$fact] ?? '') !== ($other->facts[$fact] ?? '')) {
                $differs[$fact] = [$now->facts[$fact] ?? 'not known', $other->facts[$fact] ?? 'not known'];
            }
        }

        return $differs;
    }
}
