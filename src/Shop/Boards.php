<?php

declare(strict_types=1);

namespace App\Shop;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Evidence\CarriedDecisions;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Proof\ProofDesk;
use App\Repair\Build\BuildDesk;
use App\Repair\Offer;
use App\Repair\RepairDesk;
use App\Repair\Repository\OfferRepository;
use App\Report\Repository\ReportRepository;
use App\Teardown\StripBench;
use App\Verdict\Repository\VerdictRepository;
use Japhrex\Core\Proof\ProofEntry;

use function Symfony\Component\Clock\now;

use Twig\Attribute\AsTwigFunction;

/** Reads boards from the database: one query for each kind of thing. */
final readonly class Boards
{
    public function __construct(
        private BookShelf $shelf,
        private StripBench $strip,
        private CaseChain $chains,
        private CaseMeasures $measures,
        private CarriedDecisions $carried,
        private RepairDesk $repair,
        private BuildDesk $build,
        private ProofDesk $proof,
        private Standings $standings,
        private FindingRepository $findings,
        private ClipRepository $clips,
        private PartRecordRepository $records,
        private VerdictRepository $verdicts,
        private OfferRepository $offers,
        private ReportRepository $reports,
        private PhotoRepository $photos,
    ) {
    }

    #[AsTwigFunction('board')]
    public function of(CaseFile $case): CaseBoard
    {
        $book = $this->shelf->book($case->family);
        $run = $this->strip->run($case, $book);
        $findings = $photos = $records = [];
        $arrival = [];
        $tray = 0;
        foreach ($this->findings->ofCase($case) as $finding) {
            $findings[$finding->part][] = $finding;
        }
        foreach ($this->photos->withMarks($case) as $photo) {
            if (PhotoStage::Unsorted === $photo->stage) {
                ++$tray;
                continue;
            }
            null === $photo->part ? $arrival[] = $photo : $photos[$photo->part][] = $photo;
        }
        $clips = [];
        foreach ($this->clips->ofCase($case) as $clip) {
            PhotoStage::Unsorted === $clip->stage ? ++$tray : $clips[$clip->part ?? ''][] = $clip;
        }
        foreach ($this->records->ofCase($case) as $record) {
            $records[$record->part] = $record;
        }
        $off = $run->partsOff();
        $parts = [];
        $measured = $this->measures->of($case);
        $carried = $this->carried->of($case);
        foreach ($book->partsInStripOrder() as $part) {
            $parts[$part->key] = new PartView(
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

        return new CaseBoard(
            $case, $book, $run, $parts, $arrival,
            $this->chains->problems($case),
            \count($this->chains->nodes($case)),
            $this->verdicts->last($case),
            $this->reports->isReady($case),
            $tray,
            $clips[''] ?? [],
            $this->findings->shownInPictures($case),
            $this->shelf->modes(),
            \count(array_filter($this->offers->newestFirst($case), static fn (Offer $offer): bool => $offer->isOpen(now()))),
            $this->undecided($case) + $this->ahead($case),
            $this->unproved($case),
        );
    }

    /** Damaged parts of which nobody has decided, and decisions that a limit speaks against: work of the repair once the case is signed. */
    private function undecided(CaseFile $case): int
    {
        return $case->isSigned() && !$this->standings->isOut($case)
            ? \count($this->repair->undecided($case, $this->repair->plan($case)))
            : 0;
    }

    /** Steps of a build that was begun, and of a proof that was, which are not done. */
    private function ahead(CaseFile $case): int
    {
        $sheet = $this->build->sheet($case);
        $done = \count(array_filter($sheet, static fn (array $row): bool => $row['done']));

        return 0 === $done || $this->standings->isOut($case) ? 0 : \count($sheet) - $done;
    }

    private function unproved(CaseFile $case): int
    {
        $sheet = $this->proof->sheet($case);
        $built = $this->build->sheet($case);
        $begun = array_filter($sheet, static fn (array $row): bool => '' !== $row['outcome']);
        if (
            $this->standings->isOut($case) || ([] === $begun && [] !== array_filter($built, static fn (array $row): bool => !$row['done']))
        ) {
            return $this->standings->missedOf($case);
        }

        return \count(array_filter($sheet, static fn (array $row): bool => ProofEntry::PASSED !== $row['outcome']));
    }

    /**
     * Wear strips of many cases at once.
     *
     * @param list<CaseFile> $cases
     *
     * @return array<string, list<WearCell>> by case id
     */
    public function wearStrips(array $cases): array
    {
        $grades = $this->findings->grades($cases);
        $strips = [];
        foreach ($cases as $case) {
            $id = (string) $case->id;
            foreach ($this->shelf->book($case->family)->partsInStripOrder() as $part) {
                $strips[$id][] = new WearCell($part->key, $part->short, $grades[$id][$part->key] ?? null, false);
            }
        }

        return $strips;
    }
}
