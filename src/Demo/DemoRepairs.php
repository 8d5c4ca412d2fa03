<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Books\BookShelf;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Proof\Live\TestStand;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use App\Proof\Repository\TestStandRepository;
use App\Proof\Stand;
use App\Repair\Build\BuildRecord;
use App\Repair\KitTick;
use App\Repair\MakeOffer;
use App\Repair\Offers;
use App\Repair\PriceRow;
use App\Repair\RepairDesk;
use App\Repair\ShopRates;
use App\Report\Work\MakeWorkReport;
use App\Report\Work\WorkReport;
use App\Report\Work\WorkText;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\KitCheck;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\PriceList;

use function Symfony\Component\Clock\now;

use Symfony\Component\Messenger\MessageBusInterface;

/** Prices of the demo, and what its customers were offered and chose. */
final readonly class DemoRepairs
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private RepairDesk $desk,
        private Offers $offers,
        private MessageBusInterface $bus,
        private ProofDesk $proofs,
        private Stand $stand,
        private WorkText $work,
        private string $projectDir,
        private TestStandRepository $stands,
    ) {
    }

    public function prices(string $who): void
    {
        $rows = array_values(
            array_map(
                static fn (string $line): array => array_map(strval(...), str_getcsv($line)),
                file($this->projectDir.'/demo/prices.csv', \FILE_IGNORE_NEW_LINES) ?: [],
            )
        );
        $known = [];
        foreach ($this->shelf->all() as $book) {
            $known[$book->key] = array_keys($book->parts);
        }
        [$prices, $faults] = PriceList::of($rows, $known);
        if ([] !== $faults) {
            throw new \LogicException('The price list of the demo is wrong: '.$faults[0]);
        }
        foreach ($prices as $price) {
            $this->entityManager->persist(new PriceRow('Vintrey and Halvorsund, autumn', $price, $who));
        }
        $this->entityManager->persist(new ShopRates('64.00 EUR', 1900, 6.0, $who));
    }

    /** @param list<array{name: string, expanded: array<string, string>}> $rows */
    public function stands(array $rows): void
    {
        foreach ($rows as $row) {
            $stand = new TestStand($row['name']);
            $stand->expanded = $row['expanded'];
            $this->entityManager->persist($stand);
        }
    }

    /**
     * The build, signed up to the first play, which is in hand, or to its end; then it is proved and goes out.
     *
     * @param array<string, mixed> $row
     */
    public function build(CaseFile $case, array $row, string $who): void
    {
        if ([] === $row) {
            return;
        }
        /**
         * @var array{
         *     days: int, with: string, done?: bool, run?: string, proof?: list<string|list<string>>, missed?: array<int, string>,
         *     despite?: string, checks?: string, watch?: int,
         * } $row
         */
        $at = now("-{$row['days']} days");
        foreach (BuildSheet::of($this->shelf->book($case->family)) as $step) {
            if (BuildKind::Play === $step->kind && !isset($row['done'])) {
                return;
            }
            $play = null === $step->window ? null : \sprintf('%.3f mm', 500 * ($step->window->low + $step->window->high));
            $record = new BuildRecord($case, $step->key, $who);
            [$record->withWhom, $record->says] = [$step->two ? $row['with'] : '', null === $play ? [] : [$play.', as wanted.']];
            $record->typed = null === $play ? [] : ['readings' => $play];
            $record->madeAt = $at = $at->modify('+6 minutes');
            $this->entityManager->persist($record);
        }
        foreach ($this->desk->plan($case)->bought() as $part) {
            $this->entityManager->persist($tick = new KitTick($case, $part, KitCheck::USED, '', $who));
            $tick->madeAt = $at;
        }
        $this->entityManager->flush();
        $stand = $this->stands->byName()[0] ?? null;
        foreach ($this->proofs->sheet($case) as $i => $one) {
            $said = (array) ($row['proof'][$i] ?? 'as expected');
            if ($one->item->minutes > 0) {
                $this->entityManager->persist($begun = new ProofRecord($case, $one->item->key, ProofEntry::BEGUN, '', $who));
                $begun->madeAt = $at = $at->modify('+3 minutes');
                $this->entityManager->flush();
            }
            $typed = [
                'words' => (string) array_shift($said),
                'read' => array_map(static fn (string $one): string => explode(' at ', $one)[0], $said),
                'speed' => array_map(static fn (string $one): string => explode(' at ', $one)[1] ?? '', $said),
            ];
            $this->entityManager->persist(
                $record = $this->proofs->entry($case, $one->item->key, $row['missed'][$i] ?? ProofEntry::PASSED, $typed, $stand, $who)
            );
            $record->madeAt = $at = $at->modify('+'.($one->item->minutes + 12).' minutes');
            $this->entityManager->flush();
        }
        if (isset($row['run'])) {
            $this->stand->take($case, $this->projectDir.'/demo/runs/'.$row['run'], $row['run'], $who, $stand)->madeAt = $at;
        }
        $handover = $this->proofs->draft($case);
        [$handover->goneAt, $handover->watch, $handover->byWhom, $handover->despite] = [
            $at,
            now(\sprintf('today %+d days', -($row['watch'] ?? 30))),
            $who,
            $row['despite'] ?? '',
        ];
        $handover->checks = trim($handover->checks."\n".($row['checks'] ?? ''));
        $this->entityManager->persist($handover);
        $this->entityManager->flush();
    }

    /** Whoever built and proved a unit that went out signs for it. */
    public function signWork(CaseFile $case, User $who): void
    {
        if (null !== $this->proofs->handover($case)) {
            $this->entityManager->persist($report = new WorkReport($case, 1, $who, $this->work->write($case)));
            $this->entityManager->flush();
            $this->bus->dispatch(new MakeWorkReport($report->id));
        }
    }

    /** @param array<string, mixed> $row */
    public function offer(CaseFile $case, array $row, string $who): void
    {
        if ([] === $row) {
            return;
        }
        /**
         * @var array{
         *     options: list<string>, days: int, story?: string, theory: string, questions: list<string>, chosen?: string,
         *     name?: string, words?: string,
         * } $row
         */
        $options = $row['options'];
        foreach ($options as $kind) {
            $this->entityManager->persist($this->desk->option($case, OptionKind::from($kind), $who));
        }
        $this->entityManager->flush();
        $suggested = $this->offers->suggested($case);
        $photos = array_map(static fn (Photo $photo): string => (string) $photo->id, \array_slice($suggested->photos, 2, 3));
        $offer = $this->offers->make(
            $case,
            $row['story'] ?? $suggested->story,
            $row['theory'],
            $photos,
            $row['questions'],
            now('today +30 days'),
            $who,
        );
        $offer->madeAt = now("-{$row['days']} days");
        if (isset($row['chosen'])) {
            $this->offers->answer($offer, $row['chosen'], $row['name'] ?? '', $row['words'] ?? '');
            $offer->answeredAt = now('-'.($row['days'] - 1).' days');
        }
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeOffer($offer->id));
    }
}
