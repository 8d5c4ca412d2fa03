<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Teardown\Repository\StepRecordRepository;

/** Is something in the wrong way round? Asked before a good part is condemned: what was written down of how the parts lay. */
final readonly class LaidWays
{
    public function __construct(private BookShelf $shelf, private StepRecordRepository $steps)
    {
    }

    /** @return list<LaidWay> what nobody wrote down first */
    public function of(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $written = [];
        foreach ($this->steps->ofCase($case) as $record) {
            $written[$record->step] = $record->facing;
        }
        $ways = [];
        foreach ($book->strip as $step) {
            foreach ($step->removes as $key) {
                $facing = $book->part($key)?->facing;
                if (null !== $facing && isset($written[$step->key])) {
                    $ways[] = new LaidWay($key, $book->parts[$key]->name, $facing->right, $facing->wrong, trim($written[$step->key]));
                }
            }
        }
        usort($ways, static fn (LaidWay $a, LaidWay $b): int => ('' === $a->written ? 0 : 1) <=> ('' === $b->written ? 0 : 1));

        return $ways;
    }
}
