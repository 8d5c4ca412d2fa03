<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Diagnose;

/** A case as it was told cannot be read. */
final class DiagnoseError extends \DomainException
{
    /** @param string $place of what was wrong in the file, as `seen/2/mode` */
    private function __construct(string $message, public readonly string $place)
    {
        parent::__construct($place.' '.$message);
    }

    /** @param list<string> $known */
    public static function unknown(string $place, string $is, array $known, string $what): self
    {
        usort($known, static fn (string $a, string $b): int => levenshtein($is, $a, 1, 2, 1) <=> levenshtein($is, $b, 1, 2, 1));
        $near = \array_slice($known, 0, 4);

        return new self(
            \sprintf('is "%s", which is no %s%s.', $is, $what, [] === $near ? '' : '; near it are '.implode(', ', $near)),
            $place,
        );
    }

    public static function expected(string $place, string $what): self
    {
        return new self('expected '.$what.'.', $place);
    }
}
