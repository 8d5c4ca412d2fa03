<?php

declare(strict_types=1);

namespace App\Parts;

use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Teardown\StripBench;
use Japhrex\Core\Chain\Ground\Pieces;
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
        foreach (null === $shape ? [] : Pieces::from($parts->book, $shape, $finding->debris()) as $key) {
            $view = $parts->views[$key];
            $from[] = match (true) {
                isset($short[$key]) => new PieceFrom($view->part, $short[$key], 0),
                self::isBroken($view) => new PieceFrom($view->part, 'found broken', 0),
                !$view->isLookedAt() => new PieceFrom($view->part, $view->isOff ? 'not looked at' : 'still in the unit', 1),
                default => new PieceFrom($view->part, 'found whole', 2),
            };
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
