<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\StoredFiles;
use App\Platform\Tool;
use Japhrex\Core\Photo\Raster;

/** The pixels of a stored picture, for the core to read: upright, in sRGB, no longer than a side. */
final readonly class PhotoPixels
{
    public function __construct(private StoredFiles $stored, private ShownPictures $shown, private Tool $tool)
    {
    }

    public function of(string $hash, int $side, bool $colour = false): Raster
    {
        $original = $this->stored->copyOut('photos', $hash);
        try {
            return $this->ofFile($original, $side, $colour);
        } finally {
            @unlink($original);
        }
    }

    /** Of a size that was made already. */
    public function shown(string $hash, PictureSize $size): Raster
    {
        $copy = tempnam(sys_get_temp_dir(), 'japhrex');
        try {
            file_put_contents((string) $copy, $this->shown->open($hash, $size));

            return $this->ofFile((string) $copy, $size->value);
        } finally {
            @unlink((string) $copy);
        }
    }

    /** @throws \App\Platform\ToolFailed */
    public function ofFile(string $file, int $side, bool $colour = false): Raster
    {
        $draft = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8));
        try {
            $this->tool->run(['vips', 'thumbnail', $file, $draft.'-1.v', (string) $side, '--height', (string) $side, '--size', 'down']);
            $this->tool->run(['vips', 'colourspace', $draft.'-1.v', $draft.'-2.v', $colour ? 'srgb' : 'b-w']);
            $this->tool->run(['vips', 'extract_band', $draft.'-2.v', $draft.'-3.v', '0', '--n', $colour ? '3' : '1']);
            $this->tool->run(['vips', 'cast', $draft.'-3.v', $draft.'-4.v', 'uchar']);
            $this->tool->run(['vips', 'rawsave', $draft.'-4.v', $draft.'.raw']);
            [$width, $height] = array_map(fn (string $field): int => (int) $this->tool->run(['vipsheader', '-f', $field, $draft.'-4.v']), ['width', 'height']);

            return new Raster($width, $height, (string) file_get_contents($draft.'.raw'), $colour ? 3 : 1);
        } finally {
            array_map('unlink', glob($draft.'*') ?: []);
        }
    }
}
