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
     * @return list<WarningSaid>
     */
    public function all(array $warnings): array
    {
        return array_map(fn (Warning $one): WarningSaid => new WarningSaid($one, $this->of($one)), $warnings);
    }

    public function of(Warning $one): string
    {
        $book = $this->shelf->book($one->family);
        [$part, $field] = [...explode('/', $one->thing), ''];
        $what = match ($one->what) {
            'origin' => $this->words->words()->name(WordKind::Origin, $one->thing),
            'reading' => \sprintf(
                '%s of %s outside', ($book->parts[$part]->fields[$field] ?? null)->name ?? $one->thing,
                lcfirst($book->parts[$part]->name ?? $part),
            ),
            default => ($book->parts[$one->thing]->name ?? $one->thing).' bad',
        };
        $group = match ($one->by) {
            'batch' => 'of batch '.mb_strtoupper($one->value),
            'builder' => 'that '.$one->value.' had built and that came back',
            'gauge' => 'read with '.$one->value,
            default => 'of '.mb_convert_case($one->value, \MB_CASE_TITLE),
        };
        $look = match ($one->by) {
            'gauge' => ' Check its zero and its calibration, and read one of them again with another.',
            'builder' => ' Look at what was built and for whom before anything is concluded.',
            default => '',
        };
        $chance = $one->chance < 1e-4 ? 'fewer than one in ten thousand' : \sprintf('%.2g %%', 100 * $one->chance);

        return \sprintf(
            '%s, %s %s: %d of %d in the last year, %d of %d before or elsewhere. Chance alone brings so many in %s.%s',
            $what, lcfirst($book->title), $group, $one->recent, $one->ofRecent, $one->before, $one->ofBefore,
            $chance, $look,
        );
    }
}
