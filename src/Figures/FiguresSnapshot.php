<?php

declare(strict_types=1);

namespace App\Figures;

use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;

final readonly class FiguresSnapshot implements SnapshotPart
{
    public function __construct(private KeptFigureRepository $kept)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return ['figures' => array_map(
            // Figures that were signed before a claim was set against them have no word of one.
            static fn (KeptFigure $one): array => Plain::of($one, '' === $one->claim ? ['claim', 'claimSays'] : []),
            $this->kept->ofCase($case),
        )];
    }
}
