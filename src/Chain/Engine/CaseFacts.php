<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\Repository\TheoryRepository;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\Arrival;
use App\Intake\AtSpeed;
use App\Intake\CameAs;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Filling;
use App\Intake\Onset;
use App\Intake\RunningSince;
use App\Intake\RunningTimes;
use App\Intake\UnderLoad;
use App\Intake\Warmth;
use App\Intake\YesNo;
use App\Laboratory\Analysed;
use App\Measuring\CaseMeasures;
use App\Measuring\FeltSizes;
use App\Teardown\StripBench;
use Japhrex\Core\Chain\Ground\ComplaintFact;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Chain\Ground\ReadingFact;
use Japhrex\Core\Chain\Ground\SenseFact;
use Japhrex\Core\Chain\Ground\ToldFact;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\Sense;
use Japhrex\Core\Damage\Sureness;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Teardown\LookTime;

/** What a case says, for the engine: looks, complaints, readings; and how long a look at each part would take. */
final readonly class CaseFacts
{
    public function __construct(
        private CaseMeasures $measures,
        private BookShelf $shelf,
        private StripBench $strip,
        private CaseChain $chains,
        private Refusals $refusals,
        private FindingRepository $findings,
        private TheoryRepository $theories,
        private Analysed $analysed,
        private FeltSizes $felt,
        private PartRecordRepository $records,
    ) {
    }

    public function factsOf(CaseFile $case): Facts
    {
        $looks = [];
        [$orders, $orderOf] = $this->orders($case);
        foreach ($this->findings->ofCase($case) as $finding) {
            $sure = $finding->how->sure ?? Sureness::Sure;
            $sure = $finding->isDisputed() ? $sure->disputed() : $sure;
            $damage = FindingKind::Damage === $finding->kind;
            // Normal running is a look that found no damage; what we did, and what is an old scar, says nothing about the cause.
            if ($damage || $finding->kind->findsNothing()) {
                $looks[] = new LookFact(
                    $finding->part,
                    $finding->surface,
                    $damage ? $finding->mode : null,
                    $damage ? $finding->grade : 0,
                    $orderOf[(string) $finding->id] ?? null,
                    $finding->debris(),
                    // Normal running clears what is plain to see, and no more.
                    // Nor does a guess that it is clean.
                    null !== $finding->sweptWith() || FindingKind::Clean !== $finding->kind || Sureness::Guess === $sure,
                    side: $finding->lies ?? '',
                    twin: $finding->twins->value ?? '',
                    sure: $sure,
                    shape: [] === $finding->debris() && 'debris' !== $finding->mode ? null : $finding->lay->shape,
                );
            }
        }
        $readings = [];
        foreach ($this->measures->measuredIn($case) as $part => $fields) {
            foreach ($fields as $one) {
                // What a hand guessed counts until a gauge has spoken.
                $assessment = $one->assessment() ?? $this->felt->assessment($case, $one);
                if (null !== $assessment && LimitVerdict::Open !== $assessment->verdict) {
                    $readings[] = ReadingFact::of($part, $one->field, $assessment);
                }
            }
        }
        $measured = array_map(static fn (ReadingFact $one): string => $one->part, $readings);
        foreach ($this->records->ofCase($case) as $record) {
            foreach ($record->agreedSenses() as $sense => $grade) {
                $fact = SenseFact::of($record->part, Sense::from($sense), $grade);
                if ($fact instanceof LookFact) {
                    $looks[] = $fact;
                } elseif (null !== $fact && !\in_array($record->part, $measured, true)) {
                    // A gauge replaces what was felt.
                    $readings[] = $fact;
                }
            }
        }
        $settled = [];
        foreach ($this->theories->ofCase($case) as $theory) {
            if (null !== $theory->stands) {
                $settled[$theory->spot] = [$theory->stands, $theory->because];
            }
        }

        return new Facts(
            $looks,
            // What could not be repeated, or is normal, is nothing that was brought about.
            array_map(self::complaint(...), array_values(
                $case->complaints->filter(static fn (Complaint $one): bool => null === $one->ends)->toArray(),
            )),
            $readings,
            null !== $case->comebackOf,
            $orders,
            $this->refusals->links($case),
            $settled,
            RunningTimes::hours($case, RunningSince::Overhaul),
            [...$this->fluid($case), ...self::said($case), ...self::tried($case)],
            RunningTimes::hours($case, RunningSince::Made),
        );
    }

    /** @return list<ToldFact> what a laboratory read of the fluid, and what was seen of the rest of it */
    private function fluid(CaseFile $case): array
    {
        $read = $this->analysed->saysOf($case);

        return [
            ...array_map(static fn (string $key, bool $is): ToldFact => new ToldFact($key, $is), array_keys($read), array_values($read)),
            ...array_filter(self::told($case->arrival), static fn (ToldFact $one): bool => !isset($read[$one->key])),
        ];
    }

    /** @return list<ToldFact> what was written down of the fluid as the unit came */
    private static function told(?Arrival $arrival): array
    {
        return array_values(array_filter([
            null === $arrival?->water ? null : new ToldFact('water', YesNo::Yes === $arrival->water),
            CameAs::Stripped === $arrival?->cameAs || Filling::Washed === $arrival?->filling ? new ToldFact(Facts::CAME_APART) : null,
            Filling::Part === $arrival?->filling ? new ToldFact('low') : null,
            Filling::Full === $arrival?->filling ? new ToldFact('low', false) : null,
            ...array_map(static fn (string $key): ToldFact => new ToldFact($key), $arrival->fluid ?? []),
        ]));
    }

    /** @return list<ToldFact> what statements say of the unit; where they contradict each other nobody knows, and nothing counts */
    private static function said(CaseFile $case): array
    {
        $said = [];
        foreach ($case->statements as $one) {
            if (null !== $one->means && !$one->afterwards) {
                $said[$one->means][(int) !$one->meansNot] = true;
            }
        }
        $agreed = array_filter($said, static fn (array $both): bool => 1 === \count($both));

        return array_map(
            static fn (string $key, array $is): ToldFact => new ToldFact($key, isset($is[1])),
            array_map(strval(...), array_keys($agreed)),
            array_values($agreed),
        );
    }

    /** @return list<ToldFact> what was tried before it came in, and what that changed */
    private static function tried(CaseFile $case): array
    {
        $tried = [];
        foreach ($case->attempts as $one) {
            $changed = $one->changed?->asFact();
            if (null !== $one->what && null !== $changed) {
                $tried[] = new ToldFact($one->what.':'.$changed);
            }
        }

        return $tried;
    }

    private static function complaint(Complaint $complaint): ComplaintFact
    {
        return new ComplaintFact(
            $complaint->what,
            null === $complaint->onset ? null : Onset::Sudden === $complaint->onset,
            match ($complaint->warmth) {
                Warmth::Hot => true, Warmth::Cold => false, default => null,
            },
            match ($complaint->atSpeed) {
                AtSpeed::Working => true, AtSpeed::Idle => false, default => null,
            },
            match ($complaint->underLoad) {
                UnderLoad::Loaded => true, UnderLoad::Empty => false, default => null,
            },
        );
    }

    /**
     * When things happened, as far as the analyst's chain says so.
     *
     * @return array{array<string, int>, array<string, int>} by state or origin, and by finding
     */
    private function orders(CaseFile $case): array
    {
        $spots = $findings = [];
        foreach ($this->chains->nodes($case) as $node) {
            if (null !== $node->order && null !== $node->finding) {
                $findings[(string) $node->finding->id] = $node->order;
            } elseif (null !== $node->order && null !== $node->spot) {
                $spots[$node->spot] = $node->order;
            }
        }

        return [$spots, $findings];
    }

    /** @return array<string, float> part => minutes until it is looked at */
    public function minutes(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());

        return LookTime::minutes($book, $this->strip->run($case, $book)->partsOff());
    }
}
