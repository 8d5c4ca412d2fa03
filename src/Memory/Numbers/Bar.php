<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

/** One line of a plot: what it is, how many, and the question that leads to its cases. */
final readonly class Bar
{
    /**
     * @param float $share of the longest of its plot, 0 to 1
     * @param string $says what stands behind the number; empty: nothing
     */
    public function __construct(public string $name, public int $count, public float $share, public string $line, public string $says = '')
    {
    }

    /**
     * @param list<array{string, int, string, string}> $rows name, count, line, what stands behind
     *
     * @return list<self>
     */
    public static function all(array $rows): array
    {
        $most = max([1, ...array_column($rows, 1)]);

        return array_map(static fn (array $row): self => new self($row[0], $row[1], $row[1] / $most, $row[2], $row[3]), $rows);
    }
}
