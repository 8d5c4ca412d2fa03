<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Repository\FoundOfCase;
use App\Proof\Aftercare\MakeHandover;
use App\Proof\Live\TestStand;
use App\Proof\Repository\HandoverRepository;
use App\Proof\Repository\ProofRecordRepository;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\ProofError;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\ProofPlan;
use Japhrex\Core\Proof\ProofReading;
use Japhrex\Core\Proof\Soak;
use Japhrex\Core\Proof\ToldComplaint;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Repair\Outside;

use function Symfony\Component\Clock\now;

use Symfony\Component\Messenger\MessageBusInterface;

/** The proof of a case, how far it is, and what goes out with the unit. */
final readonly class ProofDesk
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private Signing $signing,
        private FigureRegistry $figures,
        private ProofRecordRepository $records,
        private HandoverRepository $handovers,
        private ProofLimits $limits,
        private MessageBusInterface $bus,
        private FoundOfCase $found,
    ) {
    }

    /**
     * @return list<ProofRow> outcome: of the last entry; empty: none yet
     */
    public function sheet(CaseFile $case): array
    {
        return $this->found->once('sheet of the proof', $case, fn (): array => $this->rows($case));
    }

    /** @return list<ProofRow> */
    private function rows(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $records = [];
        foreach ($this->records->ofCase($case) as $record) {
            $records[$record->item][] = $record;
        }
        $complaints = array_map(
            static fn (Complaint $one): ToldComplaint => new ToldComplaint(
                (string) $one->id,
                $book->complaints[$one->what]->name ?? $one->what,
                $one->conditions(),
            ),
            $case->complaints->getValues(),
        );

        $rows = array_map(static function (ProofItem $item) use ($records): ProofRow {
            $own = $records[$item->key] ?? [];
            $last = $own[\count($own) - 1] ?? null;

            return new ProofRow(
                $item,
                $own,
                $last->outcome ?? '',
                ProofEntry::BEGUN === $last?->outcome ? new Soak($last->madeAt, $item->minutes) : null,
            );
        }, ProofPlan::of($book, $complaints, $this->limits->steps($book)));
        $rows = [...$rows, ...self::ofEarlierBooks($records, $rows)];
        $gone = $this->handover($case);

        // What went out with all of it passed was proved by the book as it was then.
        return null === $gone?->goneAt || '' !== $gone->despite
            ? $rows
            : array_values(array_filter($rows, static fn (ProofRow $row): bool => [] !== $row->records));
    }

    /**
     * What was written of a step by a book that had it stands as it was written.
     *
     * @param array<string, list<ProofRecord>> $records by step
     * @param list<ProofRow> $rows
     *
     * @return list<ProofRow>
     */
    private static function ofEarlierBooks(array $records, array $rows): array
    {
        $known = array_map(static fn (ProofRow $row): string => $row->item->key, $rows);
        $rest = [];
        foreach (array_diff_key($records, array_flip($known)) as $key => $own) {
            $title = ucfirst(str_replace('-', ' ', (string) preg_replace('/^book-/', '', $key))).' (as the book had it)';
            $rest[] = new ProofRow(new ProofItem($key, $title, 'As it was written then.'), $own, ProofEntry::PASSED, null);
        }

        return $rest;
    }

    /**
     * The one way in for a step of the proof: an entry, judged.
     *
     * @param array{words: string, read: array<mixed>, speed: array<mixed>, ...} $typed
     *
     * @throws ProofError saying what is missing or not held
     */
    public function entry(CaseFile $case, string $key, string $outcome, array $typed, ?TestStand $stand, Actor $who): ProofRecord
    {
        $sheet = $this->sheet($case);
        $row = array_values(
            array_filter($sheet, static fn (ProofRow $row): bool => $row->item->key === $key)
        )[0] ?? throw ProofError::noSuchStep();
        $record = new ProofRecord($case, $key, $outcome, $typed['words'], $who);
        $judged = [];
        foreach (ProofEntry::BEGUN === $outcome ? [] : $row->item->reads as $i => $read) {
            [$value, $speed] = array_map(
                static fn (mixed $one): string => \is_string($one) ? mb_substr(trim($one), 0, 400) : '',
                [$typed['read'][$i] ?? '', $typed['speed'][$i] ?? ''],
            );
            if ('' !== $value) {
                $judged[] = $one = ProofReading::of(
                    $read,
                    $value,
                    $speed,
                    '' === $case->displacement ? null : Quantity::parse($case->displacement, Dimension::Displacement),
                    $stand?->all() ?? [],
                    $this->figures,
                );
                $record->readings[] = ['typed' => $value, 'speed' => $speed, 'says' => $one->says, 'verdict' => $one->verdict->value];
            }
        }
        ProofEntry::allow(
            $row->item,
            ProofPlan::before(
                array_map(static fn (ProofRow $one): ProofItem => $one->item, $sheet),
                $row->item,
                array_values(
                    array_map(
                        static fn (ProofRow $one): string => $one->item->key,
                        array_filter($sheet, static fn (ProofRow $one): bool => $one->isAnswered()),
                    )
                ),
            ),
            $row->soak,
            $outcome,
            $typed['words'],
            $judged,
            now(),
        );
        $record->stand = [] === $judged ? '' : $stand->name ?? '';
        $this->entityManager->persist($record);
        $this->entityManager->flush();

        return $record;
    }

    public function handover(CaseFile $case): ?Handover
    {
        return $this->handovers->handoverOf($case);
    }

    /** @return list<WatchDue> units that somebody should ask after now */
    public function due(): array
    {
        return $this->handovers->due(now('today -14 days'), now('today'));
    }

    /**
     * The one way in for a return to service.
     *
     * @param string $despite why it goes out though not all of the proof is passed
     *
     * @throws \DomainException saying what is missing
     */
    public function goOut(Handover $handover, string $despite, Actor $who): void
    {
        $open = array_filter($this->sheet($handover->case), static fn (ProofRow $row): bool => ProofEntry::PASSED !== $row->outcome);
        ProofEntry::goesOut($handover->checks, $handover->stop, \count($open), $despite);
        $handover->goOut($despite, $who);
        $this->entityManager->persist($handover);
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeHandover($handover->id));
    }

    /** A first draft to be read over. */
    public function draft(CaseFile $case): Handover
    {
        $handover = new Handover($case);
        $origin = $this->signing->current($case)->origin?->origin;
        $handover->tell(
            trim(
                "Level and leaks after the first hour, after the first day, and then at every service.\n".(
                    null === $origin ? '' : Outside::besides($origin, $this->shelf->book($case->family, $case->is()))
                )
            ),
            'A new noise, foam, a drip under it, or the complaint as it was: stop, do not try it once more, and call us.',
            now('today +30 days'),
        );

        return $handover;
    }
}
