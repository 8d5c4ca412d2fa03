<?php

declare(strict_types=1);

namespace Japhrex\Tests;

use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookTypes;
use Symfony\Component\Yaml\Yaml;

/** The books that are shipped, each file read once for all tests of a process: they are long. */
final class Books
{
    private const FOLDER = __DIR__.'/../books/';

    /** @var array<string, array<mixed>> */
    private static array $files = [];

    /** @var array<string, Book> */
    private static array $books = [];

    /** @return array<mixed> what stands in one file, such as `modes` or `mechanisms/oil` */
    public static function file(string $name): array
    {
        return self::$files[$name] ??= (array) Yaml::parseFile(self::FOLDER.$name.'.yaml');
    }

    /** @return array<string, array<mixed>> by name of the file, such as those of `mechanisms/*.yaml` */
    public static function files(string $pattern): array
    {
        return array_map(self::file(...), array_combine($names = self::names($pattern), $names));
    }

    /** @return list<string> of the families, or of what else is asked for */
    public static function names(string $pattern = '*-*.yaml'): array
    {
        return array_map(
            static fn (string $file): string => substr($file, \strlen(self::FOLDER), -\strlen('.yaml')),
            glob(self::FOLDER.$pattern) ?: [],
        );
    }

    /** @return array<string, array<mixed>> the types of a family by their key, or those of all families */
    public static function types(string $family = '*-*'): array
    {
        return array_merge(...array_values(array_map(
            static fn (array $content): array => (new BookTypes($content))->books(),
            self::files($family.'.yaml'),
        )));
    }

    /** A type, or of a family that has several its first: `axial-piston-pump-tandem`, `axial-piston-pump`. */
    public static function book(string $key): Book
    {
        return self::$books[$key] ??= (new BookFactory())->book(self::told($key));
    }

    /** @return array<mixed> what the book of it says */
    public static function told(string $key): array
    {
        foreach (self::names() as $family) {
            if (str_starts_with($key, $family)) {
                $types = self::types($family);

                return $types[$key] ?? array_values($types)[0];
            }
        }

        throw new \LogicException("There is no book $key.");
    }

    /** @return array<string, Book> every type of every family */
    public static function all(): array
    {
        return array_map(self::book(...), array_combine($keys = array_keys(self::types()), $keys));
    }

    public static function modes(): ModeCatalogue
    {
        return ModeCatalogue::of(self::file('modes'));
    }

    public static function mechanisms(): MechanismBook
    {
        static $mechanisms = null;

        return $mechanisms ??= MechanismBook::of(array_values(self::files('mechanisms/*.yaml')));
    }
}
