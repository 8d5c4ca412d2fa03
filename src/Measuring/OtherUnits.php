<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use App\Measuring\Repository\ReadingRepository;
use App\Platform\KeptForAWhile;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** What was read at other units of the same model in this shop: what is normal is told by them where no limit tells it. */
final readonly class OtherUnits
{
    public function __construct(private ReadingRepository $readings, private KeptForAWhile $kept)
    {
    }

    /** @return array<string, OtherSizes> by field of the part; none where no other unit of the model was read */
    public function of(CaseFile $case, Part $part): array
    {
        return $this->kept->of(
            ['other units', (string) $case->id, $case->maker, $case->model, $part->key], fn (): array => $this->sizes($case, $part),
        );
    }

    /** @return array<string, OtherSizes> */
    private function sizes(CaseFile $case, Part $part): array
    {
        $sizes = [];
        foreach ($this->readings->ofModelBesides($case, $part->key) as $reading) {
            $field = $part->fields[$reading->field] ?? null;
            if (null === $field) {
                continue;
            }
            foreach ($reading->typed as $typed) {
                try {
                    $sizes[$reading->field][(string) $reading->case->id][] = Quantity::parse($typed, $field->dimension)->si;
                } catch (QuantityError) {
                    continue;
                }
            }
        }

        return array_map(
            static fn (array $units): OtherSizes => new OtherSizes(
                \count($units),
                min(array_merge(...array_values($units))),
                max(array_merge(...array_values($units))),
            ),
            $sizes,
        );
    }
}
