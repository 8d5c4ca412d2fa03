<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Books\BookShelf;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Proof\Live\TestStand;
use App\Proof\ProofDesk;
use App\Proof\Repository\TestStandRepository;
use App\Proof\Stand;
use App\Repair\Build\BuildRecord;
use App\Repair\MakeOffer;
use App\Repair\Offers;
use App\Repair\PriceRow;
use App\Repair\RepairDesk;
use App\Repair\ShopRates;
use App\Repair\TickKit;
use App\Report\Work\SignWork;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\KitCheck;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\PriceList;
use Symfony\Component\Messenger\MessageBusInterface;

/** Prices of the demo, and what its customers were offered and chose. */
final readonly class DemoRepairs
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private DemoHands $hands,
        private BookShelf $shelf,
        private RepairDesk $desk,
        private Offers $offers,
        private MessageBusInterface $bus,
        private ProofDesk $proofs,
        private Stand $stand,
        private TickKit $tick,
        private SignWork $sign,
        private string $projectDir,
        private TestStandRepository $stands,
    ) {
    }

    public function prices(User $who): void
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
    public function build(CaseFile $case, array $row, User $who): void
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
        $this->hands->use($who, new \DateTimeImmutable("-{$row['days']} days"));
        foreach (BuildSheet::of($this->shelf->book($case->family)) as $step) {
            if (BuildKind::Play === $step->kind && !isset($row['done'])) {
                return;
            }
            $this->hands->wait('6 minutes');
            $this->step($case, $step, $row['with'], $who);
        }
        foreach ($this->desk->plan($case)->bought() as $part) {
            ($this->tick)($case, $part, KitCheck::USED, '', $who);
        }
        $stand = $this->stands->byName()[0] ?? null;
        foreach ($this->proofs->sheet($case) as $i => $one) {
            $said = (array) ($row['proof'][$i] ?? 'as expected');
            $typed = [
                'words' => (string) array_shift($said),
                'read' => array_map(static fn (string $one): string => explode(' at ', $one)[0], $said),
                'speed' => array_map(static fn (string $one): string => explode(' at ', $one)[1] ?? '', $said),
            ];
            if ($one->item->minutes > 0) {
                $this->hands->wait('3 minutes');
                $this->proofs->entry($case, $one->item->key, ProofEntry::BEGUN, ['words' => '', 'read' => [], 'speed' => []], $stand, $who);
            }
            $this->hands->wait(($one->item->minutes + 12).' minutes');
            $this->proofs->entry($case, $one->item->key, $row['missed'][$i] ?? ProofEntry::PASSED, $typed, $stand, $who);
        }
        if (isset($row['run'])) {
            $this->stand->take($case, $this->projectDir.'/demo/runs/'.$row['run'], $row['run'], $who, $stand);
        }
        $handover = $this->proofs->draft($case);
        $watch = new \DateTimeImmutable(\sprintf('today %+d days', -($row['watch'] ?? 30)));
        $handover->tell(trim($handover->checks."\n".($row['checks'] ?? '')), $handover->stop, $watch);
        $this->proofs->goOut($handover, $row['despite'] ?? '', $who);
        ($this->sign)($case, $who);
    }

    /** The demo has no pictures of parts as they were fitted: its builds stand as a shop would have them that began with us later. */
    private function step(CaseFile $case, BuildStep $step, string $with, User $who): void
    {
        $play = null === $step->window ? null : \sprintf('%.3f mm', 500 * ($step->window->low + $step->window->high));
        $record = new BuildRecord($case, $step->key, $who);
        [$record->withWhom, $record->says] = [$step->two ? $with : '', null === $play ? [] : [$play.', as wanted.']];
        $record->typed = null === $play ? [] : ['readings' => $play];
        $this->entityManager->persist($record);
        $this->entityManager->flush();
    }

    /** @param array<string, mixed> $row */
    public function offer(CaseFile $case, array $row, User $who): void
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
        $this->hands->use($who, new \DateTimeImmutable("-{$row['days']} days"));
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
            new \DateTimeImmutable('today +30 days'),
            $who,
        );
        if (isset($row['chosen'])) {
            $this->hands->wait('1 day');
            $this->hands->customer();
            $this->offers->answer($offer, $row['chosen'], $row['name'] ?? '', $row['words'] ?? '');
        }
        $this->bus->dispatch(new MakeOffer($offer->id));
    }
}
