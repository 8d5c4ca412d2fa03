<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/**
 * A shop's book may be older than the kinds of parts, and than the parts that a complaint hangs on. Most began as a copy of a shipped book:
 * what they do not say themselves is taken from the shipped book that has most of their parts, then from the others.
 */
final class BorrowedKinds
{
    /**
     * @param array<mixed> $content of one book
     * @param list<array<mixed>> $shipped
     *
     * @return array<mixed>
     */
    public static function into(array $content, array $shipped): array
    {
        $parts = self::named($content, 'parts');
        if ([] === array_filter($parts, static fn (array $part): bool => !isset($part['kind']))) {
            return $content;
        }
        $shared = static fn (array $book): int => \count(array_intersect_key(self::named($book, 'parts'), $parts));
        usort($shipped, static fn (array $a, array $b): int => $shared($b) <=> $shared($a));
        foreach ($shipped as $book) {
            foreach (array_intersect_key(self::named($book, 'parts'), $parts) as $key => $like) {
                if (!isset($parts[$key]['kind']) && isset($like['kind'])) {
                    $parts[$key]['kind'] = $like['kind'];
                    $parts[$key]['surfaces'] = self::surfaces($parts[$key], $like);
                }
            }
        }
        $content['parts'] = $parts;
        $complaints = self::named($content, 'complaints');
        foreach (array_intersect_key(self::named($shipped[0] ?? [], 'complaints'), $complaints) as $key => $like) {
            $hangsOn = \is_array($like['parts'] ?? null) ? array_filter($like['parts'], is_string(...)) : [];
            $complaints[$key] += array_filter(['parts' => array_values(array_intersect($hangsOn, array_keys($parts)))]);
        }

        return ['complaints' => $complaints] + $content;
    }

    /**
     * @param array<mixed> $part
     * @param array<mixed> $like
     *
     * @return array<mixed>
     */
    private static function surfaces(array $part, array $like): array
    {
        $surfaces = self::named($part, 'surfaces');
        foreach (array_intersect_key(self::named($like, 'surfaces'), $surfaces) as $key => $other) {
            $surfaces[$key] += array_intersect_key($other, ['kind' => true]);
        }

        return $surfaces;
    }

    /**
     * @param array<mixed> $content
     *
     * @return array<string, array<mixed>>
     */
    private static function named(array $content, string $key): array
    {
        $named = [];
        foreach (\is_array($content[$key] ?? null) ? $content[$key] : [] as $name => $value) {
            if (\is_array($value)) {
                $named[(string) $name] = $value;
            }
        }

        return $named;
    }
}
