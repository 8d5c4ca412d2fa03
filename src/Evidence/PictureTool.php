<?php

declare(strict_types=1);

namespace App\Evidence;

/** What reads pictures and makes smaller ones. */
interface PictureTool
{
    /**
     * What a file really is, whatever it is called, from its head alone.
     *
     * @throws NotAPicture saying what is wrong with it
     */
    public function inspect(string $file): PictureFacts;

    /** Where it was taken, in degrees; empty if the camera wrote nothing. */
    public function position(string $file): string;

    /**
     * Reads the whole picture and writes an upright JPEG no larger than `$side` pixels.
     *
     * @throws NotAPicture if it breaks off or cannot be read
     * @throws \App\Platform\ToolFailed if there is no room
     */
    public function derive(string $file, int $side, string $target): void;
}
