<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\StripStep;

/** What is lost for good when a part with a facing or a mate comes off unrecorded. */
final class AsFound
{
    /**
     * What is still asked for before the parts of a step come off; nothing where neither facing nor mate can be lost.
     *
     * @param string $facing which way the part faced, as told
     * @param bool $photographed is there a photo of one of the parts as found?
     *
     * @return list<string> in words
     */
    public static function missing(Book $book, StripStep $step, bool $marked, string $facing, bool $photographed): array
    {
        $paired = array_filter($step->removes, static fn (string $part): bool => [] !== $book->pairsOf($part));
        if ([] === $step->facing && [] === $paired) {
            return [];
        }

        return array_values(array_filter([
            '' !== $step->mark && !$marked ? 'the mark' : null,
            [] !== $step->facing && '' === trim($facing) ? 'which way it faced' : null,
            $photographed ? null : 'a photo as found',
        ]));
    }
}
