<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Platform\ShopError;

/** A table as somebody sent or typed it: its columns by the names that they should have, its lines as they stand. */
final readonly class TypedTable
{
    public const MOST_LINES = 2000;
    private const MOST_BYTES = 2_000_000;

    /**
     * @param list<string> $columns those that it has
     * @param array<int, array<string, string>> $lines cells by column, by the number of the line in the text
     */
    private function __construct(public string $text, public array $columns, public array $lines)
    {
    }

    /**
     * @param list<string> $must columns that it needs
     * @param list<string> $may columns that it may have besides
     *
     * @throws ShopError naming what is wrong with its head or its size
     */
    public static function read(string $bytes, array $must, array $may): self
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw new ShopError(\sprintf('A table has at most %d lines; take a part of it.', self::MOST_LINES), 413);
        }
        $text = trim(self::decoded($bytes), "\n\r");
        $rows = self::rows($text);
        $head = current($rows) ?: [];
        unset($rows[array_key_first($rows)]);
        $columns = array_map(static fn (string $one): string => mb_strtolower(trim($one)), $head);
        $missing = array_diff($must, $columns);
        if ([] !== $missing) {
            throw new ShopError(\sprintf(
                'Its first line names the columns, and lacks: %s. It may have besides: %s.',
                implode(', ', $missing),
                implode(', ', $may),
            ), 422);
        }
        $unknown = array_diff(array_filter($columns), $must, $may);
        if ([] !== $unknown) {
            throw new ShopError(\sprintf(
                'No column is called %s here. There are: %s.',
                implode(', ', array_map(static fn (string $one): string => '“'.mb_substr($one, 0, 40).'”', $unknown)),
                implode(', ', [...$must, ...$may]),
            ), 422);
        }
        if ($columns !== array_unique($columns)) {
            throw new ShopError('Two of its columns have the same name.', 422);
        }
        $lines = [];
        foreach ($rows as $number => $cells) {
            if ([] !== array_filter($cells, static fn (string $one): bool => '' !== trim($one))) {
                $cells = \array_slice([...array_map(trim(...), $cells), ...array_fill(0, \count($columns), '')], 0, \count($columns));
                $lines[$number] = array_combine($columns, $cells);
            }
        }
        if ([] === $lines || \count($lines) > self::MOST_LINES) {
            throw new ShopError(\sprintf('It has %d lines below its head; 1 to %d are taken.', \count($lines), self::MOST_LINES), 422);
        }

        return new self($text, array_values(array_filter($columns)), $lines);
    }

    /** Spreadsheets write what they like: UTF-8, UTF-16 with a mark, or the Western code page of old. */
    private static function decoded(string $bytes): string
    {
        if (str_starts_with($bytes, "\xFF\xFE") || str_starts_with($bytes, "\xFE\xFF")) {
            return mb_convert_encoding(substr($bytes, 2), 'UTF-8', "\xFF\xFE" === substr($bytes, 0, 2) ? 'UTF-16LE' : 'UTF-16BE');
        }
        $bytes = str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes;

        return strtr(mb_check_encoding($bytes, 'UTF-8') ? $bytes : mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), ["\0" => '']);
    }

    /**
     * RFC 4180, with whichever of comma, semicolon and tab the first line has most of.
     *
     * @return array<int, list<string>> by the number of the line on which each begins, from 1
     */
    private static function rows(string $text): array
    {
        $first = strtok($text, "\r\n") ?: '';
        $counts = [];
        foreach ([',', ';', "\t"] as $delimiter) {
            $counts[$delimiter] = substr_count($first, $delimiter);
        }
        arsort($counts);
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('There is no memory for the table.');
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        for ($number = 1; false !== $cells = fgetcsv($stream, null, (string) array_key_first($counts), '"', ''); ++$number) {
            $rows[$number] = array_map(static fn (?string $one): string => $one ?? '', $cells);
            $number += substr_count(implode('', $rows[$number]), "\n");
        }
        fclose($stream);

        return $rows;
    }
}
