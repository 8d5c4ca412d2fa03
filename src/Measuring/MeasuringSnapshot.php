<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Measuring\Repository\FeltSizeRepository;
use App\Measuring\Repository\LimitChoiceRepository;
use App\Platform\Plain;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\PlaceSize;

/** Readings, and sizes worked out, with the limits that counted and what they said place by place; in SI. */
final readonly class MeasuringSnapshot implements SnapshotPart
{
    public function __construct(
        private CaseMeasures $measures,
        private ShopLimits $limits,
        private LimitChoiceRepository $limitChoices,
        private FeltSizeRepository $felt,
    ) {
    }

    public function snapshot(CaseFile $case): array
    {
        $readings = [];
        foreach ($this->measures->measuredIn($case) as $fields) {
            foreach ($fields as $one) {
                // How an adjuster was left belongs to the build.
                if (!$one->field->adjuster && (null !== $one->reading || [] !== ($one->derived->at ?? []))) {
                    $readings[] = self::judged($one);
                }
            }
        }

        return [
            'readings' => $readings,
            'limits-chosen' => Plain::all($this->limitChoices->ofCase($case)),
            'shop-limits' => Plain::all(array_values($this->limits->inForce($case->family, $case->signedAt))),
        ] + ([] === $this->felt->ofCase($case) ? [] : ['felt' => Plain::all($this->felt->ofCase($case))]);
    }

    /** @return array<string, mixed> */
    private static function judged(Measured $one): array
    {
        $judged = $one->assessment();
        $worst = $judged?->atWorst();

        return (
            null === $one->reading ? ['part' => $one->part, 'field' => $one->field->key] : Plain::of($one->reading, ['gauge'])
        ) + array_filter([
            'new' => $one->limits?->new?->si, 'min' => $one->limits?->min?->si, 'max' => $one->limits?->max?->si,
            'mean' => $worst?->mean, 'guard' => $worst?->guard, 'verdict' => $judged?->verdict->value,
            'place' => $judged?->worst->place ?: null, 'wear used' => $judged?->wearUsed, 'unread' => $judged?->unread ?: null,
            'judged' => null === $judged || \count($judged->places) < 2
                ? null
                : array_map(
                    static fn (JudgedPlace $at): array => [
                        'place' => $at->place,
                        'size' => $at->assessment->mean,
                        'guard' => $at->assessment->guard,
                        'verdict' => $at->assessment->verdict->value,
                    ],
                    $judged->places,
                ),
            'form' => null === $one->form
                ? null
                : [$one->form->name => $one->form->spread, 'u' => $one->form->u] + (
                    null === $one->form->judged ? [] : ['verdict' => $one->form->judged->verdict->value]
                ),
            'in a rebuild' => $one->rebuild?->verdict->value,
            'worked out' => null === $one->derived || [] === $one->derived->at
                ? null
                : [
                    'figure' => $one->derived->fill->figure,
                    'typed' => $one->derived->typed,
                    'at' => array_map(
                        static fn (PlaceSize $at): array => ['place' => $at->place, 'value' => $at->size->x, 'u' => $at->size->u],
                        $one->derived->at,
                    ),
                ],
        ], static fn (mixed $value): bool => null !== $value);
    }
}
