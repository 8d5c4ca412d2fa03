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
use App\Platform\KeptForAWhile;
use Japhrex\Core\Family\Part;

/** What the page of a part shows beside its forms. */
final readonly class PartSight
{
    /** So many findings of a part are shown at once. */
    private const AT_ONCE = 20;

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
        private KeptForAWhile $kept,
    ) {
    }

    /**
     * @param list<string> $besides ids of findings that are shown wherever they stand
     *
     * @return array<string, mixed>
     */
    public function gather(CaseFile $case, Part $part, array $besides = []): array
    {
        $parts = $this->parts->partsOf($case);
        $view = $parts->views[$part->key];

        return $this->found($case, $part, 0, $besides) + [
            'parts' => $parts,
            'trends' => array_map(fn (Measured $one) => $this->trends->trendOf($case, $one), $view->measured),
            'kept' => $this->figures->ofPart($case, $part->key),
            'elsewhere' => $this->others->of($case, $part),
            'alike' => $this->alike->of($case, $part->key),
            'felt' => $this->felt->byField($case),
            'replaced' => ReplacedBefore::of($this->kept->of(
                ['came to', (string) $case->id, $part->key], fn (): array => $this->records->cameTo($case, $part->key),
            )),
            'weak' => $this->watch->answered($case, $part->key),
        ];
    }

    /**
     * What was found on it: some at first, the others as one scrolls to them.
     *
     * @param list<string> $besides ids of findings that are shown wherever they stand
     *
     * @return array<string, mixed>
     */
    public function found(CaseFile $case, Part $part, int $from, array $besides = []): array
    {
        $parts = $this->parts->partsOf($case);
        $view = $parts->views[$part->key];
        $shown = \array_slice($view->findings, $from, self::AT_ONCE);
        foreach ($view->findings as $finding) {
            if (\in_array((string) $finding->id, $besides, true) && !\in_array($finding, $shown, true)) {
                $shown[] = $finding;
            }
        }

        return [
            'view' => $view,
            'findings' => $shown,
            'next' => $from + self::AT_ONCE < \count($view->findings) ? $from + self::AT_ONCE : null,
            'byDuty' => array_column($this->finds->of($case)[$part->key] ?? [], null, 'key'),
            'pieces' => array_filter(array_combine(
                array_map(static fn (Finding $one): string => (string) $one->id, $shown),
                array_map(fn (Finding $one): array => $this->pieces->of($one, $parts), $shown),
            )),
        ];
    }
}
