<?php

declare(strict_types=1);

namespace App\Figures;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Doctrine\ORM\EntityManagerInterface;

final readonly class FiguresSnapshot implements SnapshotPart
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        return ['figures' => Plain::all($this->em->getRepository(KeptFigure::class)->findBy(['case' => $case], ['id' => 'ASC']))];
    }
}
