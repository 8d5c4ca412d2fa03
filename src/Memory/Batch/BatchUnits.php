<?php

declare(strict_types=1);

namespace App\Memory\Batch;

use App\Books\BookShelf;
use App\Intake\Repository\CaseFileRepository;
use App\Proof\Standings;
use App\Repair\Fitted\FittedPart;
use App\Repair\Repository\FittedPartRepository;

/** Units that have a part of a batch. */
final readonly class BatchUnits
{
    public function __construct(
        private FittedPartRepository $fitted,
        private Standings $standings,
        private CaseFileRepository $cases,
        private BookShelf $shelf,
    ) {
    }

    /** @return list<BatchUnit> */
    public function of(string $mark): array
    {
        $fitted = $this->fitted->marked($mark);
        $out = $this->standings->out(array_map(static fn (FittedPart $one) => $one->case, $fitted));
        $again = $this->cases->cameInAgain(array_map(static fn (FittedPart $one): string => (string) $one->case->id, $fitted));

        return array_map(fn (FittedPart $one): BatchUnit => new BatchUnit(
            $one,
            $this->shelf->book($one->case->family)->parts[$one->part]->name ?? $one->part,
            isset($out[(string) $one->case->id]),
            $again[(string) $one->case->id] ?? null,
        ), $fitted);
    }

    /** @return array<string, non-empty-list<BatchUnit>> those that are out there, by whose they are */
    public function byOwner(string $mark): array
    {
        $owners = [];
        foreach ($this->of($mark) as $unit) {
            if ($unit->isOutThere()) {
                $owners[$unit->fitted->case->customer][] = $unit;
            }
        }

        return $owners;
    }
}
