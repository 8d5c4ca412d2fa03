<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Part;

/** What somebody meant who typed a key or a name. */
final class Meant
{
    /**
     * @param array<string|int, string> $names by key
     *
     * @return string|null the key; null: none of them is meant
     */
    public static function key(string $typed, array $names): ?string
    {
        $typed = mb_strtolower(trim($typed));
        foreach ($names as $key => $name) {
            if ($typed === mb_strtolower((string) $key) || $typed === mb_strtolower($name)) {
                return (string) $key;
            }
        }

        return null;
    }

    public static function part(string $typed, Book $book): ?Part
    {
        $key = self::key($typed, array_map(static fn (Part $one): string => $one->name, $book->parts));

        return null === $key ? null : $book->part($key);
    }

    public static function noPart(string $typed, Book $book): string
    {
        return \sprintf('“%s” is no part of %s.', mb_substr($typed, 0, 60), mb_strtolower($book->title));
    }

    public static function isYes(string $typed): bool
    {
        return \in_array(mb_strtolower(trim($typed)), ['yes', 'y', 'x', '1', 'true'], true);
    }
}
