<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedReading;
use App\Intake\Remember\Remembers;

/** What was measured, and what it came to against its limit. */
final readonly class MeasuringRemembers implements Remembers
{
    public function __construct(private CaseMeasures $measures)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        foreach ($this->measures->measuredIn($case) as $fields) {
            foreach ($fields as $one) {
                if (!$one->field->adjuster && (null !== $one->reading || [] !== ($one->derived->at ?? []))) {
                    $judged = $one->assessment();
                    $memory->readings[] = new RememberedReading(
                        $one->part,
                        $one->field->key,
                        $one->signedAs ?? $judged?->verdict->value,
                        $judged?->atWorst()->mean,
                        $one->reading->gaugeName ?? '',
                    );
                    $memory->text('note', $one->reading->note ?? '');
                }
            }
        }
    }
}
