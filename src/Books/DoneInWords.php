<?php

declare(strict_types=1);

namespace App\Books;

use Japhrex\Core\Family\Book;
use Twig\Attribute\AsTwigFilter;

/** What was done to a case, as the trail names it by keys, in the words of its book. */
final class DoneInWords
{
    private const PLACE = '/^(Finding on|Part|Decision for the repair of|Debris dealt with:|Kit list,) ([\w-]+(?:\/[\w-]+)?)/';
    private const SIZE = '/^(Reading|Limit that counts for|Limit of the shop for) ([\w-]+) of ([\w-]+)/';
    private const STEP = '/^(Strip step|Build step) (fit-)?([\w-]+)/';
    private const KEY = '/^(Complaint|Watch list) ([\w-]+)/';

    #[AsTwigFilter('in_book')]
    public static function of(string $says, Book $book): string
    {
        $named = static fn (string $what, string $name): string => $what.' '.lcfirst($name);

        return (string) preg_replace_callback_array([
            self::PLACE => static fn (array $m): string => $named($m[1], $book->placeName($m[2])),
            self::SIZE => static fn (array $m): string => $named(
                'Reading' === $m[1] ? 'Reading of' : $m[1],
                $book->fieldName($m[3].'/'.$m[2]),
            ),
            self::STEP => static fn (array $m): string => $named($m[1].':', $book->strip[$m[3]]->title ?? $m[2].$m[3]),
            self::KEY => static fn (array $m): string => $named(
                $m[1].':',
                ('Complaint' === $m[1] ? $book->complaints[$m[2]]->name ?? null : $book->watch[$m[2]]->what ?? null) ?? $m[2],
            ),
        ], $says);
    }
}
