<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookFactory;

/** The made-up book, whole or with something put in its place. */
final class SmallBook
{
    /** @param array<string, mixed> $changes place (`parts/lid/name`) => value; null takes it out */
    public static function with(array $changes = []): Book
    {
        $content = require __DIR__.'/small-book.php';
        \assert(\is_array($content));
        foreach ($changes as $place => $value) {
            $content = self::put($content, explode('/', $place), $value);
        }

        return (new BookFactory())->book($content);
    }

    /**
     * @param array<mixed> $map
     * @param list<string> $path
     *
     * @return array<mixed>
     */
    private static function put(array $map, array $path, mixed $value): array
    {
        $key = (string) array_shift($path);
        $below = $map[$key] ?? [];
        $map[$key] = [] === $path ? $value : self::put(\is_array($below) ? $below : [], $path, $value);

        return $map;
    }
}
