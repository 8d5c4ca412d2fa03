<?php

declare(strict_types=1);

namespace App\Identity;

use App\Books\BookShelf;
use App\Identity\Repository\SeenFeatureRepository;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Identity\DisplacementCheck;
use Japhrex\Core\Family\Identity\Feature;
use Japhrex\Core\Family\Identity\Ranking;
use Japhrex\Core\Family\Identity\Value;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Tells which unit a case has on the bench, by what was measured and seen of it. */
final readonly class Telling
{
    public function __construct(
        private BookShelf $shelf,
        private SeenFeatureRepository $seen,
        private ShopModels $shop,
        private CaseMeasures $measures,
        private Filler $filler,
    ) {
    }

    public function of(CaseFile $case): Told
    {
        $book = $this->shelf->book($case->family);
        $rows = $this->rows($case, $book);
        $values = array_filter(array_map(static fn (FeatureRow $row): ?Value => $row->value(), $rows));
        $plate = $this->plate($case);
        $ranking = new Ranking($book->identity->features, [...$book->models, ...$this->shop->besides($case, $book)]);

        return new Told(
            $rows,
            [] === $values ? [] : $ranking->of($values, $plate),
            $plate,
            $this->moves($case, $book, $values),
        );
    }

    /** @return array<string, FeatureRow> */
    private function rows(CaseFile $case, Book $book): array
    {
        $typed = [];
        foreach ($this->seen->ofCase($case) as $one) {
            $typed[$one->feature] = $one;
        }
        $sources = $this->measures->sources($case);
        $rows = [];
        foreach ($book->identity->features as $key => $feature) {
            $read = '' === $feature->reading ? null : $sources->known($feature->reading);
            $rows[$key] = new FeatureRow($feature, $typed[$key] ?? null, null === $read ? null : self::valueOf($feature, $read));
        }

        return $rows;
    }

    private static function valueOf(Feature $feature, Known $read): Value
    {
        $unit = '' === $read->unit ? 'mm' : $read->unit;
        $in = Quantity::si($read->si, $feature->dimension ?? Dimension::Length)->in($unit);

        return new Value(rtrim(rtrim(\sprintf('%.3f', $in), '0'), '.').' '.$unit, $read->si, $read->u);
    }

    /** What the plate says: the tag where it names maker and model; else what was taken in, where no measuring was behind it. */
    private function plate(CaseFile $case): string
    {
        $name = trim($case->maker.' '.$case->model);
        $plain = static fn (string $words): string => (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($words));
        foreach ($this->shelf->book($case->family)->models as $model) {
            if ('' !== $plain($case->tag) && str_contains($plain($case->tag), $plain($model->model))) {
                return $model->name();
            }
        }

        return '' === $case->identifiedBy && !\in_array(strtolower(trim($case->tag)), ['illegible', 'gone'], true) ? $name : '';
    }

    /** @param array<string, Value> $seen */
    private function moves(CaseFile $case, Book $book, array $seen): ?DisplacementCheck
    {
        $how = $book->identity->displacement;
        $model = $book->model($case->maker.' '.$case->model);
        try {
            $plate = Quantity::parse($case->displacement, Dimension::Displacement);
        } catch (QuantityError) {
            return null;
        }

        return null === $how ? null : DisplacementCheck::of($how, $book->identity->features, $seen, $model, $plate, $this->filler);
    }
}
