<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** The readings of a case as a table: what was read, with which gauge, and what it says. */
final readonly class ReadingsTable
{
    private const COLUMNS = [
        'part', 'size', 'read', 'gauge', 'resolution', 'expanded uncertainty', 'calibrated on', 'zero', 'at', 'by', 'verdict',
    ];

    public function __construct(private CaseMeasures $measures)
    {
    }

    /** @return list<array<string, string>> by column */
    public function rows(CaseFile $case): array
    {
        $rows = [];
        foreach (array_merge(...array_map(array_values(...), array_values($this->measures->measuredIn($case)))) as $one) {
            if (null !== $one->reading) {
                $rows[] = self::row($one, $one->reading);
            }
        }

        return $rows;
    }

    public function csv(CaseFile $case): string
    {
        return (new CsvEncoder())->encode($this->rows($case), 'csv', [
            CsvEncoder::ESCAPE_FORMULAS_KEY => true,
            CsvEncoder::HEADERS_KEY => self::COLUMNS,
        ]);
    }

    /** @return array<string, string> */
    private static function row(Measured $one, Reading $reading): array
    {
        return array_combine(self::COLUMNS, [
            $one->part, $one->field->name, $reading->said(), $reading->gaugeName, $reading->gaugeResolution, $reading->gaugeExpanded,
            $reading->gaugeCalibratedOn?->format('Y-m-d') ?? '', $reading->zero, $reading->at->format(\DATE_ATOM), $reading->byWhom,
            $one->assessment()?->says() ?? '',
        ]);
    }
}
