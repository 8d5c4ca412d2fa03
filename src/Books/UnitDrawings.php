<?php

declare(strict_types=1);

namespace App\Books;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\Section\SectionDrawing;
use Japhrex\Core\Drawing\UnitDrawing;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Field;
use Symfony\Contracts\Cache\CacheInterface;

/** The drawings of the books, each made once and kept as long as its book stays as it is. */
final readonly class UnitDrawings
{
    /** Of the projection and its hand: raised where they change, so that what is kept is drawn anew. */
    private const HAND = 11;

    /** @var \WeakMap<Book, string> */
    private \WeakMap $stamps;

    public function __construct(private CacheInterface $cache)
    {
        $this->stamps = new \WeakMap();
    }

    /** Null: the book draws none of its parts. */
    public function unit(Book $book): ?Blank
    {
        return [] === $book->drawn->shapes ? null : $this->cache->get(
            'drawing.unit.'.$this->stamp($book),
            static fn (): Blank => Blank::of((new UnitDrawing($book))->exploded()),
        );
    }

    /** Put together and cut; null: the shapes of the book do not go together. */
    public function section(Book $book): ?Blank
    {
        return !$book->drawn->hasSection ? null : $this->cache->get(
            'drawing.section.'.$this->stamp($book),
            static fn (): Blank => (new SectionDrawing($book))->blank(),
        );
    }

    /** Null: the book does not draw it. */
    public function part(Book $book, string $key): ?Blank
    {
        return !isset($book->drawn->shapes[$key]) ? null : $this->cache->get(
            'drawing.part.'.$key.'.'.$this->stamp($book),
            static function () use ($book, $key): ?Blank {
                $sheet = (new UnitDrawing($book))->alone($key);

                return null === $sheet ? null : Blank::of($sheet);
            },
        );
    }

    /**
     * A part with the place at which something is measured.
     *
     * @return array{Blank, string}|null what lies over it is SVG; null: the book does not say where
     */
    public function measured(Book $book, string $part, Field $field): ?array
    {
        return $this->cache->get(
            'drawing.measured.'.$part.'.'.$field->key.'.'.$this->stamp($book),
            static function () use ($book, $part, $field): ?array {
                $measured = (new UnitDrawing($book))->measured($part, $field);

                return null === $measured ? null : [Blank::of($measured[0]), $measured[1]];
            },
        );
    }

    /**
     * A part that can be put in the wrong way, with what it looks at.
     *
     * @return array{Blank, string}|null what lies over it is SVG; null: its right way is not one along its axis
     */
    public function facing(Book $book, string $part): ?array
    {
        return $this->cache->get('drawing.facing.'.$part.'.'.$this->stamp($book), static function () use ($book, $part): ?array {
            $facing = (new UnitDrawing($book))->facing($part);

            return null === $facing ? null : [Blank::of($facing[0]), $facing[1]];
        });
    }

    /** Changes when a drawing of the book would look different. */
    public function stamp(Book $book): string
    {
        return $this->stamps[$book] ??= self::stamped($book);
    }

    private static function stamped(Book $book): string
    {
        $names = array_map(static fn ($part): string => $part->short, $book->parts);

        $taken = array_map(static fn ($part): array => array_map(
            static fn (Field $one): array => [$one->taken, $one->places],
            $part->fields,
        ), $book->parts);

        $facings = array_map(static fn ($part): array => [$part->facing?->face, $part->facing?->to], $book->parts);

        return hash('xxh3', serialize([self::HAND, $names, $taken, $facings, $book->drawn]));
    }
}
