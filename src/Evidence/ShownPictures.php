<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\StoredFiles;
use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;

/** The sizes in which pictures are shown: derived, and made again whenever one is missing. */
final readonly class ShownPictures
{
    public function __construct(private FilesystemOperator $files, private StoredFiles $stored, private PictureTool $tool)
    {
    }

    /** Makes a size unless it is there. */
    public function make(string $hash, PictureSize $size, string $area = 'photos'): void
    {
        if ($this->files->fileExists($this->path($hash, $size))) {
            return;
        }
        $original = $this->stored->copyOut($area, $hash);
        try {
            $this->makeFrom($original, $hash, $size);
        } finally {
            @unlink($original);
        }
    }

    /**
     * Makes a size from a file at hand, reading it whole.
     *
     * @throws NotAPicture if it breaks off
     * @throws \App\Platform\ToolFailed if there is no room
     * @throws FilesystemException if there is no room
     */
    public function makeFrom(string $file, string $hash, PictureSize $size): void
    {
        $target = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8)).'.jpg';
        try {
            $this->tool->derive($file, $size->value, $target);
            $stream = fopen($target, 'r');
            if (false !== $stream) {
                $this->files->writeStream($this->path($hash, $size), $stream);
            }
        } finally {
            @unlink($target);
        }
    }

    /**
     * Makes the sizes that every page needs, reading the file once, whole: the larger from it, the smaller from the larger.
     *
     * @throws NotAPicture if it breaks off
     * @throws \App\Platform\ToolFailed if there is no room
     * @throws FilesystemException if there is no room
     */
    public function makeBoth(string $file, string $hash): void
    {
        $screen = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8)).'.jpg';
        try {
            $this->tool->derive($file, PictureSize::Screen->value, $screen);
            $stream = fopen($screen, 'r');
            if (false !== $stream) {
                $this->files->writeStream($this->path($hash, PictureSize::Screen), $stream);
            }
            $this->makeFrom($screen, $hash, PictureSize::Thumb);
        } finally {
            @unlink($screen);
        }
    }

    /**
     * @param string $area in which the original is kept
     *
     * @return resource
     */
    public function open(string $hash, PictureSize $size, string $area = 'photos')
    {
        try {
            return $this->files->readStream($this->path($hash, $size));
        } catch (FilesystemException) {
            $this->make($hash, $size, $area);

            return $this->files->readStream($this->path($hash, $size));
        }
    }

    private function path(string $hash, PictureSize $size): string
    {
        return \sprintf('derived/%d/%s/%s.jpg', $size->value, substr($hash, 0, 2), $hash);
    }
}
