<?php

declare(strict_types=1);

namespace App\Shop;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Evidence\CarriedDecisions;
use App\Evidence\CasePhotos;
use App\Evidence\Clips\Clip;
use App\Evidence\Finding;
use App\Evidence\Mark;
use App\Evidence\PartRecord;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Proof\ProofDesk;
use App\Repair\Build\BuildDesk;
use App\Repair\Offer;
use App\Repair\RepairDesk;
use App\Report\Report;
use App\Report\ReportState;
use App\Teardown\StripBench;
use App\Verdict\Verdict;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofEntry;
use Twig\Attribute\AsTwigFunction;

/** Reads boards from the database: one query for each kind of thing. */
final readonly class Boards
{
    public function __construct(
        private EntityManagerInterface $em,
        private BookShelf $shelf,
        private StripBench $strip,
        private CaseChain $chains,
        private CaseMeasures $measures,
        private CarriedDecisions $carried,
        private CasePhotos $casePhotos,
        private RepairDesk $repair,
        private BuildDesk $build,
        private ProofDesk $proof,
        private Standings $standings,
    ) {
    }

    #[AsTwigFunction('board')]
    public function of(CaseFile $case): CaseBoard
    {
        $book = $this->shelf->book($case->family);
        $run = $this->strip->run($case, $book);
        $by = ['case' => $case];
        $findings = $photos = $records = [];
        $arrival = [];
        $tray = 0;
        foreach ($this->em->getRepository(Finding::class)->findBy($by, ['id' => 'ASC']) as $finding) {
            $findings[$finding->part][] = $finding;
        }
        foreach ($this->casePhotos->of($case) as $photo) {
            if (PhotoStage::Unsorted === $photo->stage) {
                ++$tray;
                continue;
            }
            null === $photo->part ? $arrival[] = $photo : $photos[$photo->part][] = $photo;
        }
        $clips = [];
        foreach ($this->em->getRepository(Clip::class)->findBy($by, ['id' => 'ASC']) as $clip) {
            PhotoStage::Unsorted === $clip->stage ? ++$tray : $clips[$clip->part ?? ''][] = $clip;
        }
        foreach ($this->em->getRepository(PartRecord::class)->findBy($by) as $record) {
            $records[$record->part] = $record;
        }
        $off = $run->partsOff();
        $parts = [];
        $measured = $this->measures->of($case);
        $carried = $this->carried->of($case);
        foreach ($book->partsInStripOrder() as $part) {
            $parts[$part->key] = new PartView($part, \in_array($part->key, $off, true), $findings[$part->key] ?? [], $records[$part->key] ?? null, $photos[$part->key] ?? [], $measured[$part->key] ?? [], $carried[$part->key] ?? null, $clips[$part->key] ?? []);
        }

        return new CaseBoard(
            $case, $book, $run, $parts, $arrival,
            $this->chains->problems($case),
            \count($this->chains->nodes($case)),
            $this->em->getRepository(Verdict::class)->findOneBy($by, ['revision' => 'DESC']),
            null !== $this->em->getRepository(Report::class)->findOneBy($by + ['state' => ReportState::Ready]),
            $tray,
            $clips[''] ?? [],
            $this->shownFindings($case),
            $this->shelf->modes(),
            \count(array_filter($this->em->getRepository(Offer::class)->findBy($by), static fn (Offer $offer): bool => $offer->isOpen(new \DateTimeImmutable()))),
            $this->undecided($case) + $this->ahead($case),
            $this->unproved($case),
        );
    }

    /** Damaged parts of which nobody has decided, and decisions that a limit speaks against: work of the repair once the case is signed. */
    private function undecided(CaseFile $case): int
    {
        return $case->isSigned() && !$this->standings->isOut($case) ? \count($this->repair->undecided($case, $this->repair->plan($case))) : 0;
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
        if ($this->standings->isOut($case) || ([] === $begun && [] !== array_filter($built, static fn (array $row): bool => !$row['done']))) {
            return $this->standings->missedOf($case);
        }

        return \count(array_filter($sheet, static fn (array $row): bool => ProofEntry::PASSED !== $row['outcome']));
    }

    /** @return list<string> */
    private function shownFindings(CaseFile $case): array
    {
        /** @var list<array{id: mixed}> $rows */
        $rows = $this->em->createQuery('SELECT DISTINCT IDENTITY(m.finding) AS id FROM '.Mark::class.' m JOIN m.photo p WHERE p.case = :case AND m.finding IS NOT NULL')->setParameter('case', $case)->getArrayResult();

        return array_map(static fn (array $row): string => \is_scalar($row['id']) || $row['id'] instanceof \Stringable ? (string) $row['id'] : '', $rows);
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
        if ([] === $cases) {
            return [];
        }
        $grades = [];
        $rows = $this->em->createQuery(
            'SELECT IDENTITY(f.case) AS id, f.part AS part, MAX(CASE WHEN f.kind = :damage THEN f.grade ELSE 0 END) AS grade FROM '.Finding::class.' f WHERE f.case IN (:cases) GROUP BY f.case, f.part',
        )->setParameters(['damage' => 'damage', 'cases' => array_map(static fn (CaseFile $case): string => (string) $case->id, $cases)])->getArrayResult();
        /** @var array{id: string, part: string, grade: int|string} $row */
        foreach ($rows as $row) {
            $grades[$row['id']][$row['part']] = (int) $row['grade'];
        }
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
