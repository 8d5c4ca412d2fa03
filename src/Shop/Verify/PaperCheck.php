<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Claims\Repository\ClaimPapersRepository;
use App\Intake\CaseFile;
use App\Platform\Mismatch;
use App\Platform\StoredFiles;
use App\Platform\StoredThing;
use App\Proof\Repository\StandRecordingRepository;
use App\Repair\Repository\OfferRepository;
use App\Report\Repository\ReportRepository;
use App\Report\Repository\WorkReportRepository;
use App\Report\Work\WorkReport;

/** Files that were made or came in: reports, papers of claims, offers, recordings of the stand. */
final readonly class PaperCheck implements StoredThing
{
    public function __construct(
        private StoredFiles $stored,
        private ReportRepository $reports,
        private WorkReportRepository $workReports,
        private ClaimPapersRepository $papers,
        private OfferRepository $offers,
        private StandRecordingRepository $recordings,
    ) {
    }

    public function name(): string
    {
        return 'papers and recordings';
    }

    public function check(): iterable
    {
        foreach ($this->reports->findAll() as $one) {
            yield from $this->file('reports', $one->hash, 'report', $one->case);
        }
        foreach ($this->workReports->findAll() as $one) {
            yield null !== $one->case->peopleOutAt || WorkReport::digestOf($one->body) === $one->digest
                ? null
                : new Mismatch(
                    \sprintf('work report %d of %s: its words are not what was signed', $one->ordinal, $one->case->number),
                    [$one->case->number],
                );
            yield from $this->file('work', $one->hash, 'work report', $one->case);
        }
        foreach ($this->papers->findAll() as $one) {
            yield from $this->file('claims', $one->hash, 'papers of claim '.$one->claim->number(), $one->claim->case);
            yield from $this->file('claims', $one->bundle, 'bundle of claim '.$one->claim->number(), $one->claim->case);
        }
        foreach ($this->offers->findAll() as $one) {
            yield from $this->file('offers', $one->pdf, 'offer', $one->case);
        }
        foreach ($this->recordings->findAll() as $one) {
            yield from $this->file('recordings', $one->hash, 'recording '.$one->name, $one->case);
        }
    }

    /** @return iterable<int, Mismatch|null> */
    private function file(string $area, ?string $hash, string $what, CaseFile $of): iterable
    {
        // Papers went with the names that they were made of; recordings hold none.
        if (null !== $hash && (null === $of->peopleOutAt || 'recordings' === $area)) {
            $case = $of->number;
            $state = $this->stored->state($area, $hash);
            yield null === $state ? null : new Mismatch(\sprintf('%s of %s is %s: %s', $what, $case, $state, $hash), [$case]);
        }
    }
}
