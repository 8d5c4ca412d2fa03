<?php

declare(strict_types=1);

namespace App\Repair\Shelf;

use App\Account\Actor;
use App\Platform\ShopError;
use App\Repair\Repository\ShelfSizeRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Book;

/** The shims, washers and rings on the shelf, by size. */
final readonly class Shelf
{
    public function __construct(private EntityManagerInterface $entityManager, private ShelfSizeRepository $sizes)
    {
    }

    /** @return array<string, array<string, int>> selective part => size => pieces, in the order of the book */
    public function of(Book $book): array
    {
        $shelf = [];
        foreach ($book->upkeep->selective as $key => $one) {
            $shelf[$key] = array_fill_keys($one->sizes, 0);
        }
        foreach ($this->sizes->ofFamily($book->key) as $row) {
            if (isset($shelf[$row->selective][$row->size])) {
                $shelf[$row->selective][$row->size] = $row->pieces;
            }
        }

        return $shelf;
    }

    /** What lies there for a play, as the build sheet reads it, such as 1.40 mmx2; 1.50 mmx1; empty: nothing. */
    public function forSetting(Book $book, string $setting): string
    {
        $stock = [];
        foreach ($this->of($book) as $key => $sizes) {
            if ($book->upkeep->selective[$key]->setting === $setting) {
                foreach (array_filter($sizes) as $size => $pieces) {
                    $stock[] = \sprintf('%sx%d', $size, $pieces);
                }
            }
        }

        return implode('; ', $stock);
    }

    /**
     * The one way in for a count of the shelf.
     *
     * @param array<mixed> $counted size => pieces, as typed
     *
     * @throws ShopError if there is no such part or size, or it is no count
     */
    public function count(Book $book, string $key, array $counted, Actor $who): void
    {
        $known = $book->upkeep->selective[$key] ?? throw new ShopError('The book has no such part that is chosen by a play.', 404);
        $rows = [];
        foreach ($this->sizes->ofFamily($book->key) as $row) {
            $rows[$row->selective.' '.$row->size] = $row;
        }
        foreach ($known->sizes as $size) {
            $pieces = $counted[$size] ?? '0';
            $pieces = \is_string($pieces) ? trim($pieces) : '';
            if (1 !== preg_match('/^\d{0,3}$/', $pieces)) {
                throw new ShopError(\sprintf('“%s” of %s: expected a whole number up to 999.', $pieces, $size), 422);
            }
            $row = $rows[$key.' '.$size] ?? new ShelfSize($book->key, $key, $size, $who);
            $row->count((int) $pieces, $who);
            $this->entityManager->persist($row);
        }
        $this->entityManager->flush();
    }
}
