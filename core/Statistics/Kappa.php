<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/**
 * Agreement of two graders beyond chance, with the standard error of Fleiss, Cohen and Everitt (1969).
 *
 * Weights of agreement: none (1 on the diagonal), linear 1 − |i−j|/(k−1), quadratic 1 − (i−j)²/(k−1)².
 */
final readonly class Kappa
{
    public float $value;
    public float $error;

    /**
     * @param list<list<int>> $table counts, rows the one grader, columns the other
     * @param 'none'|'linear'|'quadratic' $weights
     *
     * @throws StatisticsError if the table is not square, or both graders used one category only
     */
    public function __construct(array $table, string $weights = 'none')
    {
        $k = \count($table);
        foreach ($table as $row) {
            if (\count($row) !== $k) {
                throw StatisticsError::notSquare($k, \count($row));
            }
        }
        $n = array_sum(array_map(array_sum(...), $table));
        if (0 === $n) {
            throw StatisticsError::emptyTable();
        }
        $p = array_map(static fn (array $row): array => array_map(static fn (int $c): float => $c / $n, $row), $table);
        $rows = array_map(array_sum(...), $p);
        $columns = array_map(static fn (int $j): float => array_sum(array_column($p, $j)), range(0, $k - 1));
        $used = array_filter(array_keys($rows), static fn (int $i): bool => $rows[$i] > 0 || $columns[$i] > 0);
        if (\count($used) < 2) {
            throw StatisticsError::oneCategory();
        }
        $w = [];
        for ($i = 0; $i < $k; ++$i) {
            for ($j = 0; $j < $k; ++$j) {
                $w[$i][$j] = match ($weights) {
                    'linear' => 1 - abs($i - $j) / ($k - 1),
                    'quadratic' => 1 - (($i - $j) / ($k - 1)) ** 2,
                    default => $i === $j ? 1.0 : 0.0,
                };
            }
        }
        $observed = $chance = 0.0;
        $rowMeans = $columnMeans = array_fill(0, $k, 0.0);
        for ($i = 0; $i < $k; ++$i) {
            for ($j = 0; $j < $k; ++$j) {
                $observed += $w[$i][$j] * $p[$i][$j];
                $chance += $w[$i][$j] * $rows[$i] * $columns[$j];
                $rowMeans[$i] += $w[$i][$j] * $columns[$j];
                $columnMeans[$j] += $w[$i][$j] * $rows[$i];
            }
        }
        $this->value = ($observed - $chance) / (1 - $chance);
        $sum = 0.0;
        for ($i = 0; $i < $k; ++$i) {
            for ($j = 0; $j < $k; ++$j) {
                $sum += $p[$i][$j] * ($w[$i][$j] - ($rowMeans[$i] + $columnMeans[$j]) * (1 - $this->value)) ** 2;
            }
        }
        $this->error = sqrt(max(0.0, $sum - ($this->value - $chance * (1 - $this->value)) ** 2) / $n) / (1 - $chance);
    }

    public function low(): float
    {
        return $this->value - Proportion::Z * $this->error;
    }

    public function high(): float
    {
        return $this->value + Proportion::Z * $this->error;
    }
}
