<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Chain\OriginKind;

/**
 * How often each kind of origin starts a failure: what the books say, moved by this shop's own closed cases of a family. The book counts
 * as much as a number of cases (a Beta prior); so a few odd cases move little, and many move much.
 */
final readonly class BaseRates
{
    /** The book weighs as much as so many closed cases. */
    public const BOOK = 20;

    /**
     * @param array<string, float> $book kind => share by the book, of all origins together
     * @param array<string, int> $closed kind => closed cases that started so
     */
    private function __construct(public array $book, public array $closed, public int $cases)
    {
    }

    /** @param list<OriginKind> $closed the origin of each closed, signed case of the family */
    public static function of(Vocabulary $vocabulary, array $closed): self
    {
        $book = [];
        foreach ($vocabulary->origins as $origin) {
            $book[$origin->kind->value] = ($book[$origin->kind->value] ?? 0.0) + $origin->prior;
        }
        $all = array_sum($book);

        return new self(
            array_map(static fn (float $rate): float => $rate / $all, $book),
            array_count_values(array_map(static fn (OriginKind $kind): string => $kind->value, $closed)),
            \count($closed),
        );
    }

    /** Share of a kind once the shop's cases count too. */
    public function blend(OriginKind $kind): float
    {
        return (self::BOOK * ($this->book[$kind->value] ?? 0.0) + ($this->closed[$kind->value] ?? 0)) / (self::BOOK + $this->cases);
    }

    /** By how much the base rate of every origin of a kind is moved. */
    public function factor(OriginKind $kind): float
    {
        $book = $this->book[$kind->value] ?? 0.0;

        return $book > 0.0 ? $this->blend($kind) / $book : 1.0;
    }
}
