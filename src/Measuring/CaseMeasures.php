<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Platform\BookShelf;
use App\Teardown\StepRecord;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Measuring\Form;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Everything measured in a case, judged. */
final readonly class CaseMeasures
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf, private Assessor $assessor, private Filler $filler, private ShopLimits $shop)
    {
    }

    /** @return array<string, array<string, Measured>> by part and field, for every field of the book */
    public function of(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family);
        $readings = $this->readings($case);
        $choices = [];
        foreach ($this->em->getRepository(LimitChoice::class)->findBy(['case' => $case]) as $choice) {
            $choices[$choice->part.'/'.$choice->field] = $choice;
        }
        $asFound = $this->asFound($case);
        $own = $this->shop->of($case->family, $case->signedAt);
        $duties = [];
        foreach ($this->em->getRepository(PartRecord::class)->findBy(['case' => $case]) as $record) {
            $duties[$record->part] = $record->duty;
        }
        $sources = $this->sources($case, $readings);
        $measured = [];
        foreach ($book->parts as $part) {
            foreach ($part->fields as $key => $field) {
                $reference = $part->key.'/'.$key;
                $measured[$part->key][$key] = $this->one(($duties[$part->key] ?? '') ?: $case->duty, $part->key, isset($own[$reference]) ? $field->with($own[$reference]->set($field)) : $field, $readings[$part->key][$key] ?? null, $choices[$reference] ?? null, $sources, $asFound[$reference] ?? '');
            }
        }

        return $measured;
    }

    /** @param array<string, array<string, Reading>>|null $readings by part and field, where they are at hand */
    public function sources(CaseFile $case, ?array $readings = null): CaseSources
    {
        return new CaseSources($case, $this->shelf->book($case->family), $readings ?? $this->readings($case), $this->assessor, $this->filler);
    }

    /** @return array<string, array<string, Reading>> by part and field */
    private function readings(CaseFile $case): array
    {
        $readings = [];
        foreach ($this->em->getRepository(Reading::class)->findBy(['case' => $case]) as $reading) {
            $readings[$reading->part][$reading->field] = $reading;
        }

        return $readings;
    }

    /** @return array<string, string> adjusters as found, by `part/field` */
    private function asFound(CaseFile $case): array
    {
        $found = [];
        foreach ($this->em->getRepository(StepRecord::class)->findBy(['case' => $case]) as $step) {
            $found += $step->adjusters;
        }

        return $found;
    }

    private function one(string $duty, string $part, Field $field, ?Reading $reading, ?LimitChoice $choice, CaseSources $sources, string $asFound): Measured
    {
        $sets = $field->setsFor($duty);
        // A source chosen for another duty chooses nothing here.
        $choice = [] === array_filter($sets, static fn (LimitSet $set): bool => $set->key === $choice?->chosen) ? null : $choice;
        $limits = $field->limits($duty, $choice->chosen ?? '');
        $derived = $sources->derived($part.'/'.$field->key);

        return new Measured(
            $part,
            $field,
            $limits,
            $sets,
            $field->isDisputed($duty),
            $choice,
            $reading,
            null === $reading ? null : $this->assessor->size($field, $reading),
            null === $reading ? null : $this->assessor->of($field, $reading, $limits),
            $derived,
            null === $limits || null === $derived?->size ? null : (new ReadingVerdict())->judgeSize($derived->size, $limits),
            $this->form($field, $reading),
            $asFound,
            null === $reading ? [] : $this->warnings($field, $reading),
        );
    }

    private function form(Field $field, ?Reading $reading): ?Form
    {
        if (null === $field->form || null === $reading || \count($reading->typed) < 2 || Method::Bracket === $field->method) {
            return null;
        }

        return new Form(array_map(static fn (Quantity $quantity): float => $quantity->si, $this->assessor->values($field, $reading->typed)));
    }

    /** @return list<string> */
    private function warnings(Field $field, Reading $reading): array
    {
        $warnings = [];
        if ($reading->isOverdue()) {
            $warnings[] = \sprintf('%s was out of calibration: due %s.', $reading->gaugeName, $reading->gaugeDue?->format('j M Y'));
        }
        try {
            foreach ($this->assessor->values($field, $reading->typed) as $value) {
                $warnings[] = $reading->gauge?->outOfRange($value);
            }
        } catch (QuantityError) {
            // The gauge was made into one of another kind since; its range says nothing about this reading.
        }

        return array_values(array_unique(array_filter($warnings)));
    }
}
