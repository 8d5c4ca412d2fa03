<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\WatchTickRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Family\SeenFinding;
use Japhrex\Core\Family\WatchAnswer;

/** The watch list of a case: every known weak place of its family with what was found there. */
final readonly class WatchList
{
    public function __construct(
        private BookShelf $shelf,
        private WatchTickRepository $ticks,
        private FindingRepository $findings,
        private Sisters $sisters,
    ) {
    }

    /** @return list<Watched> of one part where it is named */
    public function answered(CaseFile $case, string $part = ''): array
    {
        $ticks = $finds = [];
        foreach ($this->ticks->ofCase($case) as $tick) {
            $ticks[$tick->watch] = $tick;
        }
        foreach ($this->findings->worstFirst($case) as $finding) {
            $finds[$finding->part][] = $finding;
        }
        $list = [];
        foreach ($this->shelf->book($case->family, $case->is())->watch as $key => $watch) {
            $of = explode('/', $watch->place)[0];
            if ('' === $part || $of === $part) {
                [$answer, $by] = WatchAnswer::to(
                    $watch,
                    array_map(static fn (Finding $one): SeenFinding => new SeenFinding($one->surface, $one->kind), $finds[$of] ?? []),
                );
                $finding = null === $by ? null : $finds[$of][$by];
                $list[] = new Watched(
                    $watch,
                    $answer,
                    $finding,
                    $ticks[$key] ?? null,
                    $this->shelf->modes()->get($watch->mode),
                    $this->shelf->modes()->get($finding?->mode)->name ?? 'damage',
                    // Of a part in hand it is told who else has it; a list of them all does without.
                    '' === $part ? [] : $this->sisters->of($case, $watch->shared),
                );
            }
        }

        return $list;
    }
}
