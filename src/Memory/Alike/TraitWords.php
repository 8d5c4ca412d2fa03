<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Books\BookShelf;
use App\Memory\Ask\AskShelf;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Memory\Ask\WordKind;

/** Traits that two cases share, as people say them; what a nearer one has said already is not said again. */
final readonly class TraitWords
{
    public function __construct(private AskShelf $shelf, private BookShelf $books)
    {
    }

    /**
     * @param list<string> $traits
     * @param Book $book of the case in hand, whose names they get
     *
     * @return list<string>
     */
    public function of(array $traits, Book $book, int $most): array
    {
        $said = $words = [];
        foreach ($traits as $trait) {
            [$kind, $what, $more] = explode(':', $trait, 3) + [1 => '', 2 => ''];
            $about = self::about($kind, $what, $more);
            $line = isset($said[$about]) ? null : $this->words($book, $kind, $what, $more);
            if (null !== $line) {
                [$said[$about], $words[]] = [true, $line];
                // What is said of a part is said of its kind and of its damage.
                $said += \in_array($kind, ['find', 'surface', 'kind'], true) ? ['mode '.$more => true] : [];
            }
        }

        return \array_slice($words, 0, $most);
    }

    /** Of the traits of one find or complaint one is enough. */
    private static function about(string $kind, string $what, string $more): string
    {
        return match ($kind) {
            'find', 'surface' => explode('/', $what)[0].' '.$more,
            'kind' => 'mode '.$more,
            default => $kind.' '.$what,
        };
    }

    private function words(Book $book, string $kind, string $what, string $more): ?string
    {
        // The words of all books are asked for only where this one has none.
        $name = fn (WordKind $of, string $key): string => lcfirst($this->shelf->words()->name($of, $key));
        $mode = fn (string $key): string => lcfirst($this->books->modes()->get($key)->name ?? $key);
        $part = static fn (string $key): string => lcfirst($book->parts[$key]->name ?? $name(WordKind::Part, $key));

        return match ($kind) {
            'complaint' => lcfirst($book->complaints[$what]->name ?? $name(WordKind::Complaint, $what)).('' === $more ? '' : ', '.$more),
            'find' => $part($what).': '.$mode($more),
            'surface' => $part(explode('/', $what)[0]).': '.$mode($more),
            'kind' => $mode($more).' on a '.str_replace('-', ' ', $what),
            'mode' => $mode($what),
            'clean' => $part($what).' clean',
            'debris' => str_replace('-', ' ', $what).' in it',
            'reading' => lcfirst($book->field($what)->name ?? $name(WordKind::Reading, explode('/', $what)[1] ?? $what)).' past its limit',
            'told' => 'comeback' === $what ? 'came back' : str_replace('-', ' ', $what),
            'ran' => 'new' === $what ? 'ran about as long' : 'as soon after a repair',
            default => null,
        };
    }
}
