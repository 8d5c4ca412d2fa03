<?php

declare(strict_types=1);

namespace App\Parts;

use App\Books\BookShelf;
use App\Evidence\CarriedDecisions;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Teardown\StripBench;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Symfony\Contracts\Service\ResetInterface;

/** Reads the parts of a case: one query for each kind of thing, kept until something is written. */
#[AsDoctrineListener('postFlush')]
#[AsDoctrineListener('onClear')]
final class PartViews implements ResetInterface
{
    /** @var array<string, CaseParts> by case id */
    private array $read = [];

    public function __construct(
        private readonly BookShelf $shelf,
        private readonly StripBench $strip,
        private readonly CaseMeasures $measures,
        private readonly CarriedDecisions $carried,
        private readonly FindingRepository $findings,
        private readonly ClipRepository $clips,
        private readonly PartRecordRepository $records,
        private readonly PhotoRepository $photos,
    ) {
    }

    public function partsOf(CaseFile $case): CaseParts
    {
        return $this->read[(string) $case->id] ??= $this->read($case);
    }

    public function postFlush(): void
    {
        $this->read = [];
    }

    public function onClear(): void
    {
        $this->read = [];
    }

    public function reset(): void
    {
        $this->read = [];
    }

    private function read(CaseFile $case): CaseParts
    {
        $book = $this->shelf->book($case->family, $case->is());
        $findings = $records = [];
        foreach ($this->findings->ofCase($case) as $finding) {
            $findings[$finding->part][] = $finding;
        }
        foreach ($this->records->ofCase($case) as $record) {
            $records[$record->part] = $record;
        }
        $off = $this->strip->run($case, $book)->partsOff();
        [$photos, $clips] = [$this->photos->sortedByPart($case), $this->clips->sortedByPart($case)];
        [$measured, $carried] = [$this->measures->measuredIn($case), $this->carried->carriedInto($case)];
        $views = [];
        foreach ($book->partsAndNeighbours() as $part) {
            $views[$part->key] = new PartView(
                $part,
                \in_array($part->key, $off, true),
                $findings[$part->key] ?? [],
                $records[$part->key] ?? null,
                $photos[$part->key] ?? [],
                $measured[$part->key] ?? [],
                $carried[$part->key] ?? null,
                $clips[$part->key] ?? [],
            );
        }

        return new CaseParts($book, $views, $this->photos->shownFindings($case), $this->shelf->modes());
    }
}
