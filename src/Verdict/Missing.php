<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Evidence\OpenDecisions;
use App\Intake\CaseFile;
use App\Intake\Complaint;

/** What is missing before a verdict can be signed. */
final readonly class Missing
{
    public function __construct(private CaseChain $chains, private OpenDecisions $decisions, private BookShelf $shelf)
    {
    }

    /** @return list<string> in words that follow "missing:" */
    public function missingFrom(Verdict $verdict): array
    {
        $all = $verdict->explained();
        $missing = $verdict->case->complaints->isEmpty() ? ['a complaint (see Intake)'] : [];
        foreach ($all as $one) {
            $for = 1 === \count($all) ? '' : \sprintf(' for “%s”', implode('”, “', array_map($this->name(...), $one->complaints)));
            array_push(
                $missing,
                ...array_map(static fn (string $what): string => $what.$for, $this->ofOne($one)),
                ...$this->notLedTo($one)
            );
        }
        if ($verdict->leavesOpen() && '' === trim($verdict->atRisk)) {
            $missing[] = 'what stays at risk';
        }

        return [...$missing, ...$this->againstLimits($verdict->case)];
    }

    /** Were the shares set for another chain than there is now? */
    public function sharesAreStale(Verdict|OwnAnswer $answer): bool
    {
        return [] !== $answer->shares && $this->chains->chain($answer->case)->hash() !== $answer->sharesFor;
    }

    /** @return list<string> */
    private function ofOne(Explained $one): array
    {
        $answer = $one->by;

        return array_values(array_filter([
            null === $one->found() ? 'the origin, or “cause not found”' : null,
            null !== $answer->origin && $answer->causeNotFound ? 'one of the two: an origin, or “cause not found”' : null,
            null === $answer->responsibility && !$one->isNoFailure() ? 'who carries it' : null,
            '' === trim($answer->statement) ? 'the statement' : null,
            $this->sharesAreStale($answer) ? 'the shares anew, since the chain has changed' : null,
        ]));
    }

    /** @return list<string> complaints in the chain to which no path leads from the origin that is to explain them */
    private function notLedTo(Explained $one): array
    {
        $origin = $one->by->origin;
        if (null === $origin) {
            return [];
        }
        $missing = [];
        foreach ($one->complaints as $complaint) {
            $node = $this->chains->nodeOf($complaint);
            if (null !== $node && !$this->chains->chain($complaint->case)->reaches((string) $origin->id, (string) $node->id)) {
                $missing[] = \sprintf(
                    'a way in the chain from “%s” to “%s”, or an origin of its own for that complaint',
                    $origin->name,
                    $this->name($complaint),
                );
            }
        }

        return $missing;
    }

    private function name(Complaint $complaint): string
    {
        return $this->chains->complaintName($complaint->case, $complaint);
    }

    /** @return list<string> decisions that a limit speaks against, without a reason */
    private function againstLimits(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $open = $this->decisions->openIn($case);

        return array_map(
            static fn (string $part, string $why): string => \sprintf(
                'a reason, or another decision, for the %s (%s)',
                lcfirst($book->part($part)->name ?? $part),
                rtrim($why, '.'),
            ),
            array_keys($open),
            $open,
        );
    }
}
