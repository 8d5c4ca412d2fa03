<?php

declare(strict_types=1);

namespace App\Evidence;

/** A picture or a clip comes into the tray, is sorted out of it, and may go back. */
trait LiesInTray
{
    /** Out of the tray: of a part, or of the unit as it came. */
    public function sortTo(?string $part, PhotoStage $stage): void
    {
        [$this->part, $this->stage] = [$part, $stage];
    }

    public function backToTray(): void
    {
        $this->sortTo(null, PhotoStage::Unsorted);
    }

    /** The clock of the camera goes ahead by so many minutes, at most half a day either way. */
    public function clockIsAhead(int $minutes): void
    {
        $this->clockAhead = max(-720, min(720, $minutes));
    }
}
