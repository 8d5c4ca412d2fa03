<?php

declare(strict_types=1);

namespace App\Parts;

use App\Evidence\Finding;
use App\Evidence\FindsByDuty;
use App\Evidence\ReplacedBefore;
use App\Evidence\Repository\PartRecordRepository;
use App\Evidence\Watch\WatchList;
use App\Figures\Repository\KeptFigureRepository;
use App\Figures\WearTrends;
use App\Intake\CaseFile;
use App\Measuring\AlikeParts;
use App\Measuring\Measured;
use App\Measuring\OtherUnits;
use App\Measuring\Repository\FeltSizeRepository;
use Japhrex\Core\Family\Part;

/** What the page of a part shows beside its forms. */
final readonly class PartSight
{
    public function __construct(
        private PartViews $parts,
        private WearTrends $trends,
        private KeptFigureRepository $figures,
        private WatchList $watch,
        private FindsByDuty $finds,
        private PieceMatch $pieces,
        private PartRecordRepository $records,
        private FeltSizeRepository $felt,
        private OtherUnits $others,
        private AlikeParts $alike,
    ) {
    }

    /** @return array<string, mixed> */
    public function gather(CaseFile $case, Part $part): array
    {
        $parts = $this->parts->partsOf($case);
        $view = $parts->views[$part->key];

        return [
            'parts' => $parts,
            'view' => $view,
            'trends' => array_map(fn (Measured $one) => $this->trends->trendOf($case, $one), $view->measured),
            'kept' => $this->figures->ofPart($case, $part->key),
            'byDuty' => array_column($this->finds->of($case)[$part->key] ?? [], null, 'key'),
            'pieces' => array_filter(array_combine(
                array_map(static fn (Finding $one): string => (string) $one->id, $view->findings),
                array_map(fn (Finding $one): array => $this->pieces->of($one, $parts), $view->findings),
            )),
            'elsewhere' => $this->others->of($case, $part),
            'alike' => $this->alike->of($case, $part->key),
            'felt' => $this->felt->byField($case),
            'replaced' => ReplacedBefore::of($this->records->cameTo($case, $part->key)),
            'weak' => $this->watch->answered($case, $part->key),
        ];
    }
}
