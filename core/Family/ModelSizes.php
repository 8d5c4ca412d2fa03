<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/**
 * Readings whose size when new depends on the model (`by-model`). The limits keep their distance from it; for a unit whose
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
            $parts = \is_array($content[$list] ?? null) ? $content[$list] : [];
            foreach ($parts as $key => $part) {
                if (\is_array($part) && \is_array($part['readings'] ?? null)) {
                    $part['readings'] = array_map(
                        static fn (mixed $reading): mixed => \is_array($reading) && \is_array($reading['by-model'] ?? null)
                            ? self::reading(new Data($reading), $reading, $model)
                            : $reading,
                        $part['readings'],
                    );
                    $parts[$key] = $part;
                }
            }
            if ([] !== $parts) {
                $content[$list] = $parts;
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
        $sizes = $data->words('by-model');
        unset($reading['by-model']);
        if (null === $model) {
            unset($reading['min'], $reading['max'], $reading['rebuild'], $reading['new'], $reading['limits']);
            $reading['no-limit'] = \sprintf(
                'It depends on the model (%s when new; %s): say at intake which it is.',
                $data->text('new'),
                implode(', ', array_map(static fn (string $of, string $is): string => $is.' in a '.$of, array_keys($sizes), $sizes)),
            );

            return $reading;
        }
        $own = $sizes[$model->name()] ?? null;
        if (null === $own) {
            return $reading;
        }
        $by = Quantity::parse($own, Dimension::Length)->si - Quantity::parse($data->text('new'), Dimension::Length)->si;
        $moved = static function (string $limit) use ($by): string {
            $was = Quantity::parse($limit, Dimension::Length);
            $is = Quantity::si($was->si + $by, Dimension::Length)->in($was->typedUnit);
            $decimals = 1 === preg_match('/\.(\d+)/', $limit, $found) ? \strlen($found[1]) : 0;

            return \sprintf('%.'.$decimals.'f %s', $is, $was->typedUnit);
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
