<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Arithmetic on tables of two-valued variables: bit j of an entry's index is the state of the j-th of them. */
final class Tables
{
    /** Larger maps are made each time, and no more than so many are kept. */
    private const LARGE = 1 << 13;
    private const KEPT = 2000;

    /** @var array<string, list<int>> maps of small tables, by the places of bits */
    private static array $maps = [];

    /**
     * Brought back to the size of 1 where it has left it far, so that many small numbers do not vanish.
     *
     * @param array<int, float> $table
     * @param float $log takes ln of what is taken out
     *
     * @return array<int, float>
     */
    public static function scaled(array $table, float &$log): array
    {
        $most = [] === $table ? 0.0 : max(abs(max($table)), abs(min($table)));
        if (0.0 === $most || ($most > 1e-30 && $most < 1e30)) {
            return $table;
        }
        $log += log($most);
        foreach ($table as $i => $value) {
            $table[$i] = $value / $most;
        }

        return $table;
    }

    /**
     * @param array<int, float> $table
     * @param array<int, float> $small
     * @param list<int> $map
     *
     * @return array<int, float>
     */
    public static function times(array $table, array $small, array $map): array
    {
        foreach ($map as $i => $j) {
            $table[$i] *= $small[$j];
        }

        return $table;
    }

    /**
     * Times a message over all but the variable of bit 0.
     *
     * @param array<int, float> $table
     * @param array<int, float> $half
     *
     * @return array<int, float>
     */
    public static function timesHalf(array $table, array $half): array
    {
        $i = 0;
        foreach ($half as $value) {
            $table[$i] *= $value;
            $table[$i + 1] *= $value;
            $i += 2;
        }

        return $table;
    }

    /**
     * @param array<int, float> $table
     *
     * @return array{float, float} all entries in which the variable of bit 0 is false, and all in which it is true
     */
    public static function halves(array $table): array
    {
        $false = $true = 0.0;
        for ($i = 0, $size = \count($table); $i < $size; $i += 2) {
            $false += $table[$i];
            $true += $table[$i + 1];
        }

        return [$false, $true];
    }

    /**
     * @param array<int, float> $small
     * @param list<int> $map
     *
     * @return array<int, float>
     */
    public static function spread(array $small, array $map): array
    {
        $table = [];
        foreach ($map as $j) {
            $table[] = $small[$j];
        }

        return $table;
    }

    /**
     * @param list<int> $clique
     * @param list<int> $scope
     *
     * @return list<int>
     */
    public static function map(array $clique, array $scope): array
    {
        $bits = [];
        foreach ($scope as $j => $one) {
            $bits[$j] = array_search($one, $clique, true);
        }
        $key = \count($clique).':'.implode(',', $bits);
        if (isset(self::$maps[$key])) {
            return self::$maps[$key];
        }
        // Doubling: bit by bit of the clique.
        $map = [0];
        for ($bit = 0, $all = \count($clique); $bit < $all; ++$bit) {
            $j = array_search($bit, $bits, true);
            $step = false === $j ? 0 : 1 << $j;
            foreach ($map as $to) {
                $map[] = $to + $step;
            }
        }

        if (\count($map) > self::LARGE) {
            return $map;
        }
        if (\count(self::$maps) >= self::KEPT) {
            self::$maps = [];
        }

        return self::$maps[$key] = $map;
    }
}
