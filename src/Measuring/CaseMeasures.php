<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Books\BookShelf;
use App\Evidence\PartRecord;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Intake\Repository\FoundOfCase;
use App\Measuring\Repository\LimitChoiceRepository;
use App\Measuring\Repository\ReadingRepository;
use App\Teardown\Repository\StepRecordRepository;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FieldReadings;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Figure\Fill\Derived;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Quantity\QuantityError;

/** Everything measured in a case, judged. */
final readonly class CaseMeasures
{
    public function __construct(
        private BookShelf $shelf,
        private Assessor $assessor,
        private Filler $filler,
        private ShopLimits $shop,
        private SignedVerdicts $signed,
        private LimitChoiceRepository $limitChoices,
        private PartRecordRepository $records,
        private ReadingRepository $readings,
        private StepRecordRepository $steps,
        private DriftedZeros $zeros,
        private FoundOfCase $found,
        private KeptOfCase $kept,
    ) {
    }

    /**
     * @param PartRecord|null $typed of a part, as it is to be kept: its duty counts at once
     *
     * @return array<string, array<string, Measured>> by part and field, for every field of the book
     */
    public function measuredIn(CaseFile $case, ?PartRecord $typed = null): array
    {
        return null === $typed
            ? $this->found->once('everything measured', $case, fn (): array => $this->measure($case, null))
            : $this->measure($case, $typed);
    }

    /** @return array<string, array<string, Measured>> */
    private function measure(CaseFile $case, ?PartRecord $typed): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $readings = $this->readings($case);
        $choices = [];
        foreach ($this->limitChoices->ofCase($case) as $choice) {
            $choices[$choice->part.'/'.$choice->field] = $choice;
        }
        $asFound = $this->asFound($case);
        $own = $this->shop->inForce($case->family, $case->signedAt);
        $duties = $this->records->duties($case, $typed);
        $sources = $this->sources($case, $readings);
        $signed = $this->signed->verdictsAsSigned($case);
        $doubts = $this->kept->of(
            $case, 'doubts', fn (): array => $this->zeros->of($case, array_merge(...array_map(array_values(...), array_values($readings)))),
        );
        $derived = $this->kept->of($case, 'sizes worked out', static fn (): array => self::derived($book, $sources));
        $measured = [];
        foreach ($book->parts as $part) {
            foreach ($part->fields as $key => $field) {
                $reference = $part->key.'/'.$key;
                $ours = $own[$reference] ?? self::ofAPartner($own, $field);
                $measured[$part->key][$key] = $this->one(
                    ($duties[$part->key] ?? '') ?: $case->duty,
                    $part->key,
                    null === $ours ? $field : $field->with($ours->set($field)),
                    $readings[$part->key][$key] ?? null,
                    $choices[$reference] ?? null,
                    $derived[$reference] ?? null,
                    $asFound[$reference] ?? '',
                    $signed[$reference] ?? null,
                    $doubts[(string) ($readings[$part->key][$key]->id ?? '')] ?? '',
                );
            }
        }

        return $measured;
    }

    /** @return array<string, Derived> by `part/field` */
    private static function derived(Book $book, CaseSources $sources): array
    {
        $derived = [];
        foreach ($book->parts as $part) {
            foreach (array_keys($part->fields) as $key) {
                $derived[$part->key.'/'.$key] = $sources->derived($part->key.'/'.$key);
            }
        }

        return array_filter($derived);
    }

    /**
     * A limit that partners share is one: what the shop entered at one of them holds at all.
     *
     * @param array<string, ShopLimit> $own by `part/field`
     */
    private static function ofAPartner(array $own, Field $field): ?ShopLimit
    {
        return array_values(array_intersect_key($own, array_flip($field->sharedWith)))[0] ?? null;
    }

    /** @param array<string, array<string, Reading>>|null $readings by part and field, where they are at hand */
    public function sources(CaseFile $case, ?array $readings = null): CaseSources
    {
        return new CaseSources(
            $case,
            $this->shelf->book($case->family, $case->is()),
            $readings ?? $this->readings($case),
            $this->assessor,
            $this->filler,
        );
    }

    /** @return array<string, array<string, Reading>> by part and field */
    private function readings(CaseFile $case): array
    {
        $readings = [];
        foreach ($this->readings->ofCase($case) as $reading) {
            $readings[$reading->part][$reading->field] = $reading;
        }

        return $readings;
    }

    /** @return array<string, string> adjusters as found, by `part/field` */
    private function asFound(CaseFile $case): array
    {
        $found = [];
        foreach ($this->steps->ofCase($case) as $step) {
            $found += $step->adjusters;
        }

        return $found;
    }

    private function one(
        string $duty,
        string $part,
        Field $field,
        ?Reading $reading,
        ?LimitChoice $choice,
        ?Derived $derived,
        string $asFound,
        ?string $signedAs,
        string $doubt,
    ): Measured {
        $sets = $field->setsFor($duty);
        // A source chosen for another duty chooses nothing here.
        $choice = [] === array_filter($sets, static fn (LimitSet $set): bool => $set->key === $choice?->chosen) ? null : $choice;
        $limits = $field->limits($duty, $choice->chosen ?? '');
        $read = null === $reading ? null : $this->assessor->readings($field, $reading);
        // Where a book gives none of its own, what is allowed in service is allowed in a rebuild.
        $rebuild = null === $field->rebuild
            ? null
            : (null !== $reading ? $read?->judge($field->rebuild) : $derived?->judge($field->rebuild));

        return new Measured(
            $part,
            $field,
            $limits,
            $sets,
            $field->isDisputed($duty),
            $choice,
            $reading,
            $read,
            null === $limits ? null : $read?->judge($limits),
            $derived,
            null === $limits ? null : $derived?->judge($limits),
            $rebuild,
            $read?->form(),
            $asFound,
            null === $reading ? [] : array_values(array_filter([$doubt, ...$this->warnings($read, $reading)])),
            $signedAs,
            $duty,
        );
    }

    /** @return list<string> */
    private function warnings(?FieldReadings $read, Reading $reading): array
    {
        $warnings = [];
        if ($reading->isOverdue()) {
            $warnings[] = \sprintf('%s was out of calibration: due %s.', $reading->gaugeName, $reading->gaugeDue?->format('j M Y'));
        }
        if (null === $read) {
            return [...$warnings, 'What is stored here cannot be read: '.implode('; ', $reading->typed).'. Take it again.'];
        }
        try {
            foreach ($read->at as $at) {
                foreach ($at->values as $value) {
                    $warnings[] = $reading->gauge?->outOfRange($value);
                }
            }
        } catch (QuantityError) {
            // The gauge was made into one of another kind since; its range says nothing about this reading.
        }

        return array_values(array_unique(array_filter($warnings)));
    }
}
