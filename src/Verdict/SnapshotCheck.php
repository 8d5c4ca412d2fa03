<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Platform\Mismatch;
use App\Platform\StoredThing;
use App\Verdict\Repository\VerdictRepository;

final readonly class SnapshotCheck implements StoredThing
{
    public function __construct(private VerdictRepository $verdicts)
    {
    }

    public function name(): string
    {
        return 'signed documents';
    }

    public function check(): iterable
    {
        foreach ($this->verdicts->findAll() as $verdict) {
            // Of a case without its people's names the digest of what was signed is kept, and what it fits went out before.
            if ($verdict->isSigned() && null === $verdict->case->peopleOutAt) {
                $text = $verdict->reportText();
                $wrong = array_filter([
                    Snapshot::hash($verdict->snapshot() ?? []) === $verdict->snapshotHash ? null : 'the document is not what was signed',
                    null === $verdict->reportHash || $text?->hash() === $verdict->reportHash
                        ? null
                        : 'the words of the report are not what was signed',
                ]);
                yield [] === $wrong
                    ? null
                    : new Mismatch(
                        \sprintf('%s, revision %d: %s', $verdict->case->number, $verdict->revision, implode('; ', $wrong)),
                        [$verdict->case->number],
                    );
            }
        }
    }
}
