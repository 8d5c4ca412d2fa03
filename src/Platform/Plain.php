<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\Common\Collections\Collection;
use Symfony\Component\Uid\Uuid;

/** A thing as plain data: its fields by name, what it points to by key. */
final class Plain
{
    /**
     * @param list<string> $without fields that are left out
     *
     * @return array<string, mixed>
     */
    public static function of(object $thing, array $without = []): array
    {
        $fields = [];
        foreach (get_object_vars($thing) as $name => $value) {
            if (\in_array($name, ['version', 'case', ...$without], true) || $value instanceof Collection) {
                continue;
            }
            $fields[$name] = match (true) {
                $value instanceof \BackedEnum => $value->value,
                $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
                $value instanceof \Stringable => (string) $value,
                \is_object($value) => self::key($value),
                default => $value,
            };
        }

        return $fields;
    }

    /**
     * @param iterable<object> $things
     * @param list<string> $without
     *
     * @return list<array<string, mixed>>
     */
    public static function all(iterable $things, array $without = []): array
    {
        $all = [];
        foreach ($things as $thing) {
            $all[] = self::of($thing, $without);
        }

        return $all;
    }

    private static function key(object $thing): ?string
    {
        $id = get_object_vars($thing)['id'] ?? null;

        return $id instanceof Uuid ? (string) $id : null;
    }
}
