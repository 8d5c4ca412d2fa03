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

    public function read(string $hash, int $side, bool $colour = false): Raster
    {
        $original = $this->stored->copyOut('photos', $hash);
        try {
            return $this->ofFile($original, $side, $colour);
        } finally {
            @unlink($original);
        }
    }

    /** Of a size that was made already. */
    public function shown(string $hash, PictureSize $size, ?int $side = null): Raster
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'japhrex');
        try {
            file_put_contents($copy, $this->shown->open($hash, $size));

            return $this->ofFile($copy, $side, standard: true);
        } finally {
            @unlink($copy);
        }
    }

    /**
     * @param bool $standard is it in sRGB already, as what we made ourselves is?
     *
     * @throws \App\Platform\ToolFailed
     */
    private function ofFile(string $file, ?int $side, bool $colour = false, bool $standard = false): Raster
    {
        $draft = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8));
        try {
            // Straight to the plain format of netpbm, a line of sizes and then the bytes; libvips makes it grey for .pgm.
            $target = $draft.($colour ? '.ppm' : '.pgm');
            $this->tool->run(
                null === $side
                    ? ['vips', 'copy', $file, $target]
                    : [
                        'vips', 'thumbnail', $file, $target, (string) $side, '--height', (string) $side, '--size',
                        'down', ...$standard ? [] : ['--export-profile', 'srgb'],
                    ]
            );

            return self::netpbm((string) file_get_contents($target));
        } finally {
            array_map('unlink', glob($draft.'*') ?: []);
        }
    }

    private static function netpbm(string $bytes): Raster
    {
        if (1 !== preg_match('/^P([56])\s+(?:#[^\n]*\n\s*)*(\d+)\s+(\d+)\s+255\s/', $bytes, $m)) {
            throw new \App\Platform\ToolFailed('libvips gave no plain picture.');
        }

        return new Raster((int) $m[2], (int) $m[3], substr($bytes, \strlen($m[0])), '6' === $m[1] ? 3 : 1);
    }
}
