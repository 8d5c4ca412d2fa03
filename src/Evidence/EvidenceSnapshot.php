<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Clips\Clip;
use App\Evidence\Watch\WatchTick;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Doctrine\ORM\EntityManagerInterface;

final readonly class EvidenceSnapshot implements SnapshotPart
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function snapshot(CaseFile $case): array
    {
        $of = ['case' => $case];

        return [
            'contents' => Plain::all($this->em->getRepository(ContentCheck::class)->findBy($of, ['id' => 'ASC'])),
            'parts' => Plain::all($this->em->getRepository(PartRecord::class)->findBy($of, ['part' => 'ASC'])),
            'watch-list' => Plain::all($this->em->getRepository(WatchTick::class)->findBy($of, ['id' => 'ASC'])),
            'findings' => Plain::all($this->em->getRepository(Finding::class)->findBy($of, ['id' => 'ASC'])),
            'photos' => array_map(static fn (Photo $photo): array => Plain::of($photo, ['hints']) + [
                'sha256' => $photo->picture->hash,
                'marks' => Plain::all($photo->marks, ['photo']),
                'measures' => Plain::all($photo->measures, ['photo']),
            ], array_values(array_filter($this->em->getRepository(Photo::class)->findBy($of, ['id' => 'ASC']), static fn (Photo $photo): bool => PhotoStage::Fitted !== $photo->stage))),
            'clips' => Plain::all($this->em->getRepository(Clip::class)->findBy($of, ['id' => 'ASC'])),
        ];
    }
}
