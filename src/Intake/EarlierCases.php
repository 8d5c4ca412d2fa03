<?php

declare(strict_types=1);

namespace App\Intake;

use App\Books\BookShelf;
use App\Intake\Repository\CaseFileRepository;

/** What was here under a serial before, and what of it can come back. */
final readonly class EarlierCases
{
    public function __construct(private CaseFileRepository $cases, private WentOut $went, private BookShelf $shelf)
    {
    }

    /** @return list<EarlierCase> the newest first */
    public function of(string $serial, ?CaseFile $besides = null): array
    {
        $cases = $this->cases->earlier($serial, $besides);
        $out = $this->went->out($cases);

        return array_map(fn (CaseFile $case): EarlierCase => new EarlierCase(
            $case,
            isset($out[(string) $case->id]),
            null === $besides ? [] : $this->same($case, $besides),
        ), $cases);
    }

    /** @return list<string> */
    private function same(CaseFile $then, CaseFile $now): array
    {
        $keys = static fn (CaseFile $case): array => array_map(
            static fn (Complaint $one): string => $one->what,
            array_values($case->complaints->toArray()),
        );
        $known = $then->family === $now->family ? $this->shelf->book($now->family, $now->is())->complaints : [];

        return array_map(
            static fn (string $key): string => $known[$key]->name ?? $key,
            array_values(array_unique(array_intersect($keys($then), $keys($now)))),
        );
    }
}
