<?php

declare(strict_types=1);

namespace App\Identity;

use App\Identity\Repository\InquiryRepository;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Japhrex\Core\Family\Identity\Candidate;
use Japhrex\Core\Family\Identity\Fit;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Which unit it is, and by what that was told; cases that were signed before it was asked have no word of it. */
final readonly class IdentitySnapshot implements SnapshotPart
{
    public function __construct(private Telling $telling, private InquiryRepository $inquiries)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        $told = $this->telling->of($case);
        $typed = array_filter(array_map(static fn (FeatureRow $row): ?SeenFeature => $row->typed, $told->rows));
        $identity = array_filter([
            'features' => Plain::all(array_values($typed)),
            'asked' => Plain::all($this->inquiries->ofCase($case)),
        ]);
        if ([] !== $typed) {
            $identity['compared'] = array_map(static fn (Candidate $one): array => [
                'model' => $one->name(),
                'share' => round($one->share, 4),
                'against' => array_map(static fn (Fit $fit): string => $fit->feature->name.' '.$fit->says(), $one->against()),
            ], $told->candidates);
            if (null !== $moves = $told->moves) {
                $identity['moves'] = [
                    'measured' => round(Quantity::si($moves->moves->x, Dimension::Displacement)->in('cm3/rev'), 2).' cm3/rev',
                    'plate' => $case->displacement,
                    'isOff' => $moves->isOff(),
                ];
            }
        }

        return [] === $identity ? [] : ['identity' => $identity];
    }
}
