<?php

declare(strict_types=1);

namespace App\Demo;

/**
 * Reading what was written in `demo/shop.yaml`.
 *
 * @phpstan-type Row array<string, mixed>
 */
trait DemoRows
{
    /** @param Row $row */
    private static function word(array $row, string $key): string
    {
        $value = $row[$key] ?? '';

        return \is_scalar($value) ? (string) $value : '';
    }

    /**
     * @param Row $row
     *
     * @return array<string, mixed>
     */
    private static function row(array $row, string $key): array
    {
        $value = $row[$key] ?? [];

        /* @var array<string, mixed> $value */
        return \is_array($value) ? $value : [];
    }

    /**
     * @param Row $row
     *
     * @return list<Row>
     */
    private static function rows(array $row, string $key): array
    {
        /** @var list<Row> $rows */
        $rows = array_values(array_filter(self::row($row, $key), is_array(...)));

        return $rows;
    }

    /**
     * Sets plain fields by name; an enum is given by its value.
     *
     * @param Row $values
     */
    private static function fill(object $thing, array $values): void
    {
        foreach ($values as $name => $value) {
            $type = (new \ReflectionProperty($thing, $name))->getType();
            $class = $type instanceof \ReflectionNamedType ? $type->getName() : '';
            if (is_subclass_of($class, \BackedEnum::class) && (\is_string($value) || \is_int($value))) {
                $value = $class::from($value);
            } elseif (\is_array($value) && class_exists($class)) {
                self::fill((new \ReflectionProperty($thing, $name))->getValue($thing), $value);
                continue;
            }
            (new \ReflectionProperty($thing, $name))->setValue($thing, $value);
        }
    }
}
