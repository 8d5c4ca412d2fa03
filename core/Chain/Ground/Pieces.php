<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Weights;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\PieceShape;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\PartKind;

/** A piece that lay in a unit, and the parts of it that such a piece can have broken from. */
final class Pieces
{
    /** The class of material that debris is of; of sand, rust and what somebody left in no part is made. */
    private const OF = [
        'steel' => 'hard', 'bronze' => 'bronze', 'aluminium' => 'aluminium', 'lining' => 'lining', 'rubber' => 'rubber',
        'carbon' => 'carbon',
    ];

    /**
     * Parts of the unit that a piece can be of: by their kind, and where it is told of what it is, by their material.
     *
     * @param list<DebrisKind> $made
     *
     * @return list<string> keys, in the order of the book
     */
    public static function from(Book $book, PieceShape $shape, array $made = []): array
    {
        $classes = array_filter(array_map(static fn (DebrisKind $kind): string => self::OF[$kind->value] ?? '', $made));
        $isOf = static fn (Part $part): bool => [] === $classes
            || [] !== array_filter($classes, static fn (string $class): bool => CarrierPlaces::isOf($part, $class));
        $kinds = array_map(static fn (PartKind $kind): string => $kind->value, $shape->breaksFrom());

        return array_values(array_map(
            static fn (Part $part): string => $part->key,
            array_filter(
                $book->parts,
                static fn (Part $part): bool => !$part->isNeighbour && $isOf($part)
                    && [] !== array_intersect($kinds, array_column($part->kinds, 'value')),
            ),
        ));
    }

    /**
     * A piece speaks for a break of each part that it fits, the more, the fewer they are.
     *
     * @param list<LookFact> $looks
     * @param array<string, Spot> $spots
     *
     * @return list<Evidence>
     */
    public static function evidence(array $looks, Book $book, array $spots, Weights $weights): array
    {
        $evidence = [];
        foreach ($looks as $look) {
            $parts = null === $look->shape ? [] : self::from($book, $look->shape, $look->made);
            foreach ($parts as $part) {
                $id = Spot::idOf('damage', 'fracture', $part);
                if (isset($spots[$id])) {
                    $others = 1.0 - 1.0 / \count($parts);
                    $ifNot = $weights->pieceElsewhere + ($weights->piece - $weights->pieceElsewhere) * $others;
                    $evidence[$id] = new Evidence($id, $ifNot, $weights->piece, $look->shape->label().' lay in it');
                }
            }
        }

        return array_values($evidence);
    }
}
