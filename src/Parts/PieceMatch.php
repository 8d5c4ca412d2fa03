<?php

declare(strict_types=1);

namespace App\Parts;

use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Teardown\StripBench;
use Japhrex\Core\Chain\Ground\Pieces;
use Japhrex\Core\Family\Carrier;
use Japhrex\Core\Family\PlaceMap;
use Japhrex\Core\Teardown\Shortage;

/** Of which part is the piece that lay there: those that it fits, the broken and the incomplete first. */
final readonly class PieceMatch
{
    public function __construct(private StripBench $strip)
    {
    }

    /** @return list<PieceFrom> none: it is of no part, or no shape was told */
    public function of(Finding $finding, CaseParts $parts): array
    {
        $shape = $finding->lay->shape;
        $short = null === $shape ? [] : $this->short($finding->case, $parts);
        $from = [];
        $map = new PlaceMap($parts->book);
        foreach (null === $shape ? [] : Pieces::from($parts->book, $shape, $finding->debris()) as $key) {
            $view = $parts->views[$key];
            [$says, $rank] = match (true) {
                isset($short[$key]) => [$short[$key], 0],
                self::isBroken($view) => ['found broken', 0],
                !$view->isLookedAt() => [$view->isOff ? 'not looked at' : 'still in the unit', 1],
                default => ['found whole', 2],
            };
            $way = $map->oilWay($key, $finding->part);
            $filters = array_values(array_filter(array_map(static fn (Carrier $one): string => $one->filter, $way)));
            $from[] = new PieceFrom($view->part, $says, $rank, $filters, $key === $finding->part || [] !== $way);
        }
        usort($from, static fn (PieceFrom $a, PieceFrom $b): int => $a->rank <=> $b->rank);

        return $from;
    }

    private static function isBroken(PartView $view): bool
    {
        $broken = ['fracture', 'cracking', 'delamination', 'pitting'];

        return [] !== array_filter(
            $view->findings,
            static fn (Finding $one): bool => $one->grade > 0 && \in_array($one->mode, $broken, true),
        );
    }

    /** @return array<string, string> part => what was counted short at the step that takes it off */
    private function short(CaseFile $case, CaseParts $parts): array
    {
        $short = [];
        $records = $this->strip->records($case);
        foreach ($parts->book->strip as $key => $step) {
            foreach (Shortage::at($step, $records[$key]->counted ?? []) as $one) {
                foreach ($step->removes as $part) {
                    $short[$part] = lcfirst(rtrim($one->sentence(), '.'));
                }
            }
        }

        return $short;
    }
}
