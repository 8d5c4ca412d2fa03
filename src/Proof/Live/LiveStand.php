<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\Actor;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Platform\WorkFolder;
use App\Proof\BuildFlow;
use App\Proof\Repository\LiveLotRepository;
use App\Proof\Repository\LiveRunRepository;
use App\Proof\Repository\TestStandRepository;
use App\Proof\Stand;
use App\Proof\StandRecording;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Proof\LiveRows;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Proof\RecordingError;
use Japhrex\Core\Proof\Trace;

/** Runs that a stand sends while somebody looks on; ended, a run is kept as a recording. */
final readonly class LiveStand
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private Stand $stand,
        private BuildFlow $flow,
        private TestStandRepository $stands,
        private LiveRunRepository $runs,
        private LiveLotRepository $lots,
    ) {
    }

    /** @return list<TestStand> */
    public function stands(): array
    {
        return $this->stands->byName();
    }

    public function runOf(CaseFile $case): ?LiveRun
    {
        return $this->runs->last($case);
    }

    /** @throws ShopError if the stand is taken, or the case is on another one */
    public function begin(CaseFile $case, TestStand $stand, Actor $who): LiveRun
    {
        $taken = $this->runs->on($stand) ?? $this->runOf($case);
        if (null !== $taken) {
            throw new ShopError(
                \sprintf(
                    '%s is recording case %s, begun by %s. End that run first.',
                    $taken->stand->name,
                    $taken->case->number,
                    $taken->byWhom,
                ),
                409,
            );
        }
        $this->entityManager->persist($run = new LiveRun($case, $stand, $who));
        $this->entityManager->flush();

        return $run;
    }

    /**
     * Takes rows of a stand.
     *
     * @return LiveRun|null null: nobody records
     *
     * @throws RecordingError saying what is wrong with them; none is kept then
     */
    public function take(TestStand $stand, string $csv): ?LiveRun
    {
        return $this->entityManager->wrapInTransaction(function () use ($stand, $csv): ?LiveRun {
            $run = $this->runs->on($stand);
            if (null === $run) {
                return null;
            }
            $this->entityManager->lock($run, LockMode::PESSIMISTIC_WRITE);
            $this->entityManager->refresh($run);
            $last = $this->lots->last($run);
            // An answer that was lost on its way: the stand sends the same once more.
            if (null !== $last && $last->lines === LiveRows::body($csv)) {
                return $run;
            }
            $rows = LiveRows::after($csv, $run->head, $run->lastRow);
            if ($run->rowCount + \count($rows->times) > Recording::MOST) {
                throw RecordingError::full($run->rowCount);
            }
            if ('' === $run->head) {
                $run->beginsWith(LiveRows::head($csv), $rows->units, $rows->times[0]);
            }
            $run->hears($rows->times);
            $lot = new LiveLot($run, 1 + ($last->number ?? 0), LiveRows::body($csv), LiveRows::points($rows, $run->firstRow));
            $this->entityManager->persist($lot);

            return $run;
        });
    }

    public function trace(LiveRun $run): Trace
    {
        $points = [];
        foreach ($this->lots->points($run) as $lot) {
            array_push($points, ...LiveRows::readable(array_values($lot)));
        }
        $drawn = LiveRows::thinned($points, Stand::POINTS);
        $flowU = $run->stand->u(Channel::Flow);

        return new Trace(
            $run->units,
            $drawn,
            $this->flow->expected($run->case, $flowU)?->along($drawn) ?? [],
            $flowU,
            max(60.0, $run->lastRow - $run->firstRow),
            LiveRows::gaps($points),
        );
    }

    /** Ends a run and keeps it; null: nothing had come, or one row, and nothing is kept. */
    public function end(LiveRun $run, Actor $who): ?StandRecording
    {
        $recording = null;
        if ($run->rowCount > 1) {
            WorkFolder::during(function (string $folder) use ($run, $who, &$recording): void {
                $file = $folder.'/run.csv';
                file_put_contents($file, $run->head."\n");
                foreach ($this->lots->lines($run) as $lines) {
                    file_put_contents($file, $lines, \FILE_APPEND);
                }
                $recording = $this->stand->take(
                    $run->case,
                    $file,
                    \sprintf('%s, %s.csv', $run->stand->name, $run->madeAt->format('Y-m-d H.i')),
                    $who,
                    $run->stand,
                );
            });
        }
        $this->entityManager->remove($run);
        $this->entityManager->flush();

        return $recording;
    }
}
