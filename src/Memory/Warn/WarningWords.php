<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use App\Books\BookShelf;
use App\Memory\Ask\AskShelf;
use Japhrex\Core\Memory\Ask\WordKind;

/** Warnings in words. */
final readonly class WarningWords
{
    public function __construct(private BookShelf $shelf, private AskShelf $words)
    {
    }

    /**
     * @param list<Warning> $warnings
     *
     * @return list<array{warning: Warning, says: string}>
     */
    public function all(array $warnings): array
    {
        return array_map(fn (Warning $one): array => ['warning' => $one, 'says' => $this->of($one)], $warnings);
    }

    public function of(Warning $one): string
    {
        $what = 'origin' === $one->what
            ? $this->words->words()->name(WordKind::Origin, $one->thing)
            : ($this->shelf->book($one->family)->parts[$one->thing]->name ?? $one->thing).' bad';

        $group = 'batch' === $one->by ? 'batch '.mb_strtoupper($one->value) : mb_convert_case($one->value, \MB_CASE_TITLE);
        $chance = $one->chance < 1e-4 ? 'fewer than one in ten thousand' : \sprintf('%.2g %%', 100 * $one->chance);

        return \sprintf(
            '%s, %s of %s: %d of %d in the last year, %d of %d before or elsewhere. Chance alone brings so many in %s.',
            $what, lcfirst($this->shelf->book($one->family)->title), $group, $one->recent, $one->ofRecent, $one->before, $one->ofBefore,
            $chance,
        );
    }
}
