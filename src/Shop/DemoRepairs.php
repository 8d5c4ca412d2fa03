<?php

declare(strict_types=1);

namespace App\Shop;

use App\Intake\CaseFile;
use App\Platform\BookShelf;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use App\Proof\Stand;
use App\Repair\Build\BuildRecord;
use App\Repair\MakeOffer;
use App\Repair\Offers;
use App\Repair\PriceRow;
use App\Repair\RepairDesk;
use App\Repair\ShopRates;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\PriceList;
use Symfony\Component\Messenger\MessageBusInterface;

/** Prices of the demo, and what its customers were offered and chose. */
final readonly class DemoRepairs
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf, private RepairDesk $desk, private Offers $offers, private MessageBusInterface $bus, private ProofDesk $proofs, private Stand $stand, private string $projectDir)
    {
    }

    public function prices(string $who): void
    {
        $rows = array_values(array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line)), file($this->projectDir.'/demo/prices.csv', \FILE_IGNORE_NEW_LINES) ?: []));
        $known = [];
        foreach ($this->shelf->all() as $book) {
            $known[$book->key] = array_keys($book->parts);
        }
        [$prices, $faults] = PriceList::of($rows, $known);
        if ([] !== $faults) {
            throw new \LogicException('The price list of the demo is wrong: '.$faults[0]);
        }
        foreach ($prices as $price) {
            $this->em->persist(new PriceRow('Vintrey and Halvorsund, autumn', $price, $who));
        }
        $this->em->persist(new ShopRates('64.00 EUR', 1900, 6.0, $who));
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
        /** @var array{days: int, with: string, done?: bool, run?: string, proof?: list<string>, stop?: string, watch?: int} $row */
        $at = new \DateTimeImmutable("-{$row['days']} days");
        foreach (BuildSheet::of($this->shelf->book($case->family)) as $step) {
            if (BuildKind::Play === $step->kind && !isset($row['done'])) {
                return;
            }
            $record = new BuildRecord($case, $step->key, $who);
            [$record->withWhom, $record->says] = [$step->two ? $row['with'] : '', BuildKind::Play === $step->kind ? ['0.080 mm, as wanted.'] : []];
            $record->madeAt = $at = $at->modify('+6 minutes');
            $this->em->persist($record);
        }
        foreach ($this->proofs->sheet($case) as $i => $one) {
            $record = new ProofRecord($case, $one['item']->key, ProofEntry::PASSED, $row['proof'][$i] ?? 'as expected', $who);
            $record->madeAt = $at = $at->modify('+25 minutes');
            $this->em->persist($record);
        }
        if (isset($row['run'])) {
            $this->stand->take($case, $this->projectDir.'/demo/runs/'.$row['run'], $row['run'], $who)->madeAt = $at;
        }
        $handover = $this->proofs->draft($case);
        [$handover->goneAt, $handover->watch, $handover->byWhom] = [$at, new \DateTimeImmutable('today -'.($row['watch'] ?? 30).' days'), $who];
        $this->em->persist($handover);
        $this->em->flush();
    }

    /** @param array<string, mixed> $row */
    public function offer(CaseFile $case, array $row, string $who): void
    {
        if ([] === $row) {
            return;
        }
        /** @var array{options: list<string>, days: int, story?: string, theory: string, questions: list<string>, chosen?: string, name?: string, words?: string} $row */
        $options = $row['options'];
        foreach ($options as $kind) {
            $this->em->persist($this->desk->option($case, OptionKind::from($kind), $who));
        }
        $this->em->flush();
        $suggested = $this->offers->suggested($case);
        $photos = array_map(static fn ($photo): string => (string) $photo->id, \array_slice($suggested['photos'], 2, 3));
        $offer = $this->offers->make($case, $row['story'] ?? $suggested['story'], $row['theory'], $photos, $row['questions'], new \DateTimeImmutable('today +30 days'), $who);
        $offer->madeAt = new \DateTimeImmutable("-{$row['days']} days");
        if (isset($row['chosen'])) {
            $this->offers->answer($offer, $row['chosen'], $row['name'] ?? '', $row['words'] ?? '');
            $offer->answeredAt = new \DateTimeImmutable('-'.($row['days'] - 1).' days');
        }
        $this->em->flush();
        $this->bus->dispatch(new MakeOffer($offer->id));
    }
}
