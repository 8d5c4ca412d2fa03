<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use Japhrex\Core\Figure\CommandLine;

/** Asks a figure as the command line does, with --json. */
trait Asks
{
    /** @return array<string, mixed> */
    private static function ask(string ...$words): array
    {
        [$exit, $out] = (new CommandLine())->run([...array_values($words), '--json']);
        $answer = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        self::assertSame(isset($answer['error']) ? 2 : 0, $exit);

        /* @var array<string, mixed> $answer */
        return $answer;
    }

    private static function value(string $result, string ...$words): float|string
    {
        $answer = self::ask(...$words);
        self::assertIsArray($answer['results'] ?? null, json_encode($answer) ?: '');
        self::assertIsArray($answer['results'][$result] ?? null);
        $value = $answer['results'][$result]['value'];
        self::assertTrue(\is_string($value) || \is_int($value) || \is_float($value));

        return \is_int($value) ? (float) $value : $value;
    }

    /** @return array<mixed>|bool|float|int|string|null the value of a result, whatever it is */
    private static function found(string $result, string ...$words): array|bool|float|int|string|null
    {
        $answer = self::ask(...$words);
        self::assertIsArray($answer['results'] ?? null, json_encode($answer) ?: '');
        $found = $answer['results'][$result] ?? null;
        self::assertIsArray($found, $result);
        $value = $found['value'];
        self::assertTrue(\is_array($value) || \is_scalar($value));

        return $value;
    }

    /** @return list<string> the notes of an answer */
    private static function notes(string ...$words): array
    {
        $notes = self::ask(...$words)['notes'] ?? [];
        self::assertIsArray($notes);

        return array_map(static fn (mixed $note): string => \is_string($note) ? $note : '', array_values($notes));
    }
}
