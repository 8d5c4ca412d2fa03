<?php

declare(strict_types=1);

namespace App\Figures;

use App\Intake\CaseFile;
use App\Measuring\Measured;
use Twig\Attribute\AsTwigFunction;

/** Figures of a case on its pages and in its report. */
final readonly class CaseFiguresTwig
{
    public function __construct(
        private CaseFigures $figures,
        private WearCheck $wear,
        private WearTrends $trends,
        private Drawings $drawings,
    ) {
    }

    /** @return list<KeptFigure> of a part; of the whole case without one */
    #[AsTwigFunction('kept_figures')]
    public function kept(CaseFile $case, ?string $part = null): array
    {
        return array_values(
            array_filter($this->figures->kept($case), static fn (KeptFigure $kept): bool => null === $part || $kept->part === $part)
        );
    }

    /** Null for a family without leak paths, or while nothing is measured that it could be asked with. */
    #[AsTwigFunction('wear_check')]
    public function wear(CaseFile $case): ?WearChecked
    {
        $checked = $this->wear->of($case);

        return 0 === $checked?->known() ? null : $checked;
    }

    /** @return list<array{template: string, data: array<string, mixed>}> */
    #[AsTwigFunction('figure_pictures')]
    public function pictures(Asked $asked): array
    {
        return $this->drawings->plot($asked);
    }

    #[AsTwigFunction('wear_trend')]
    public function trend(CaseFile $case, Measured $measured): ?WearTrend
    {
        return $this->trends->of($case, $measured);
    }
}
