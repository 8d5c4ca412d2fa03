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
        return ['figures' => Plain::all($this->kept->ofCase($case))];
    }
}
