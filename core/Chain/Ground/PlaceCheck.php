<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookProblem;

/** A general mechanism that holds nowhere in a book is a gap, or is not of that family: its author says which. */
final class PlaceCheck
{
    /** @return list<BookProblem> */
    public static function problems(Book $book, MechanismBook $general, ModeCatalogue $modes): array
    {
        $with = $general->with($book);
        $without = (new Grounding($book, $modes, $with->mechanisms, $with->vocabulary))->withoutPlace();
        $problems = [];
        foreach (array_diff($without, array_keys($book->without), array_keys($book->mechanisms)) as $key) {
            $problems[] = new BookProblem('without/'.$key, \sprintf(
                '%s: “%s” holds nowhere in %s. Is a kind of a part missing, or a carrier? If not, say why here.',
                $key,
                $with->mechanisms[$key]->name,
                $book->title,
            ));
        }
        foreach (array_diff(array_keys($book->without), $without) as $key) {
            $problems[] = new BookProblem('without/'.$key, isset($with->mechanisms[$key])
                ? \sprintf('%s: “%s” has a place in %s after all; take this out.', $key, $with->mechanisms[$key]->name, $book->title)
                : \sprintf('there is no mechanism "%s".', $key));
        }

        return $problems;
    }
}
