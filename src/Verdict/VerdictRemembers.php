<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Books\BookShelf;
use App\Chain\ChainNode;
use App\Chain\Repository\ChainLinkRepository;
use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedOrigin;
use App\Intake\Remember\Remembers;
use App\Verdict\Repository\VerdictRepository;

/** What two have signed that it was, and who carries it; of a verdict that is not signed its words alone. */
final readonly class VerdictRemembers implements Remembers
{
    public function __construct(private VerdictRepository $verdicts, private ChainLinkRepository $links, private BookShelf $shelf)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        $verdict = $this->verdicts->last($case);
        if (null === $verdict) {
            return;
        }
        $found = [];
        foreach ($verdict->explained() as $one) {
            $memory->text('verdict', $one->found() ?? '', $one->by->statement, $one->by->origin->evidence ?? '');
            if ($case->isSigned()) {
                $found[] = $one->found() ?? '';
                $memory->origins[] = $this->origin($one);
            }
        }
        $memory->text('verdict', $verdict->atRisk, $verdict->reopenedBecause);
        $memory->found = implode('; ', array_unique(array_filter($found)));
    }

    /** The engine's key of an origin: as it was taken from it, or by the name that somebody typed; empty: it is in their own words. */
    private function key(ChainNode $origin): string
    {
        if (preg_match('/^origin:([^@]+)/', $origin->spot ?? '', $m)) {
            return $m[1];
        }
        foreach ($this->shelf->vocabulary()->origins as $key => $known) {
            if (mb_strtolower(trim($origin->name)) === mb_strtolower($known->name)) {
                return (string) $key;
            }
        }

        return '';
    }

    /** Was a find made that decides it? */
    private function isFound(?ChainNode $origin): bool
    {
        return null !== $origin && (null !== $origin->finding || $this->links->leadsToAFind($origin));
    }

    private function origin(Explained $one): RememberedOrigin
    {
        $origin = $one->by->origin;

        return new RememberedOrigin(
            null === $origin ? '' : $this->key($origin),
            $origin?->origin->value ?? ($one->by->causeNotFound ? 'not-found' : ''),
            $one->found() ?? '',
            $origin?->place,
            $one->by->responsibility?->value,
            $this->isFound($origin),
        );
    }
}
