<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

/** Grades for the wear strip, and how many pictures lie in the tray. */
#[AsTaggedItem(priority: 80)]
final readonly class EvidenceFrame implements FramePart
{
    public function __construct(private FindingRepository $findings, private PhotoRepository $photos, private ClipRepository $clips)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        $frame->layInTray($this->photos->countUnsorted($frame->case) + $this->clips->countUnsorted($frame->case));
        foreach ($this->findings->grades([$frame->case])[(string) $frame->case->id] ?? [] as $part => $grade) {
            $frame->grade($part, $grade);
        }
    }
}
