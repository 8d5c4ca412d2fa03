<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Claims\ClaimPapers;
use App\Platform\Mismatch;
use App\Platform\StoredFiles;
use App\Platform\StoredThing;
use App\Proof\StandRecording;
use App\Repair\Offer;
use App\Report\Report;
use App\Report\Work\WorkReport;
use Doctrine\ORM\EntityManagerInterface;

/** Files that were made or came in: reports, papers of claims, offers, recordings of the stand. */
final readonly class PaperCheck implements StoredThing
{
    public function __construct(private EntityManagerInterface $em, private StoredFiles $stored)
    {
    }

    public function name(): string
    {
        return 'papers and recordings';
    }

    public function check(): iterable
    {
        foreach ($this->em->getRepository(Report::class)->findAll() as $one) {
            yield from $this->file('reports', $one->hash, 'report', $one->case->number);
        }
        foreach ($this->em->getRepository(WorkReport::class)->findAll() as $one) {
            yield WorkReport::digestOf($one->body) === $one->digest ? null : new Mismatch(\sprintf('work report %d of %s: its words are not what was signed', $one->nr, $one->case->number), [$one->case->number]);
            yield from $this->file('work', $one->hash, 'work report', $one->case->number);
        }
        foreach ($this->em->getRepository(ClaimPapers::class)->findAll() as $one) {
            yield from $this->file('claims', $one->hash, 'papers of claim '.$one->claim->number(), $one->claim->case->number);
            yield from $this->file('claims', $one->bundle, 'bundle of claim '.$one->claim->number(), $one->claim->case->number);
        }
        foreach ($this->em->getRepository(Offer::class)->findAll() as $one) {
            yield from $this->file('offers', $one->pdf, 'offer', $one->case->number);
        }
        foreach ($this->em->getRepository(StandRecording::class)->findAll() as $one) {
            yield from $this->file('recordings', $one->hash, 'recording '.$one->name, $one->case->number);
        }
    }

    /** @return iterable<int, Mismatch|null> */
    private function file(string $area, ?string $hash, string $what, string $case): iterable
    {
        if (null !== $hash) {
            $state = $this->stored->state($area, $hash);
            yield null === $state ? null : new Mismatch(\sprintf('%s of %s is %s: %s', $what, $case, $state, $hash), [$case]);
        }
    }
}
