<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/**
 * Readings whose size when new depends on the model (`sizes`). The limits keep their distance from it; for a unit whose
 * model nobody has said they are left open.
 */
final readonly class ModelSizes
{
    /**
     * @param array<mixed> $content of a book
     * @param Model|null $model that the unit is, of the book's; null: not known
     *
     * @return array<mixed>
     */
    public static function of(array $content, ?Model $model): array
    {
        foreach (['parts', 'neighbours'] as $list) {
            foreach ((array) ($content[$list] ?? []) as $part => $about) {
                foreach (\is_array($about) && \is_array($about['readings'] ?? null) ? $about['readings'] : [] as $field => $reading) {
                    if (\is_array($reading) && \is_array($reading['sizes'] ?? null)) {
                        $content[$list][$part]['readings'][$field] = self::reading(new Data($reading), $reading, $model);
                    }
                }
            }
        }

        return $content;
    }

    /**
     * @param array<mixed> $reading
     *
     * @return array<mixed>
     */
    private static function reading(Data $data, array $reading, ?Model $model): array
    {
        $sizes = $data->words('sizes');
        unset($reading['sizes']);
        if (null === $model) {
            unset($reading['min'], $reading['max'], $reading['rebuild'], $reading['new'], $reading['limits']);
            $reading['no-limit'] = \sprintf(
                'It depends on the model (%s when new; %s): say at intake which it is.',
                $data->text('new'),
                implode(', ', array_map(static fn (string $name, string $size): string => $size.' in a '.$name, array_keys($sizes), $sizes)),
            );

            return $reading;
        }
        $own = $sizes[$model->name()] ?? null;
        if (null === $own) {
            return $reading;
        }
        $by = Quantity::parse($own, Dimension::Length)->si - Quantity::parse($data->text('new'), Dimension::Length)->si;
        $moved = static function (string $limit) use ($by): string {
            $quantity = Quantity::parse($limit, Dimension::Length);
            $decimals = \strlen(explode('.', $limit.'.')[1]) - \strlen(ltrim(explode('.', $limit.'.')[1], '0123456789'));

            return \sprintf('%.'.$decimals.'f %s', Quantity::si($quantity->si + $by, Dimension::Length)->in($quantity->typedUnit), $quantity->typedUnit);
        };
        foreach (['new', 'min', 'max'] as $key) {
            $reading[$key] = isset($reading[$key]) ? $moved($data->text($key)) : null;
        }
        if (\is_array($reading['rebuild'] ?? null)) {
            $reading['rebuild'] = array_map($moved, $data->words('rebuild'));
        }

        return array_filter($reading, static fn (mixed $value): bool => null !== $value);
    }
}
