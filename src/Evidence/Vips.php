<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\Tool;
use App\Platform\ToolFailed;

/** libvips, from its command line tools. */
final readonly class Vips implements PictureTool
{
    public const MEGAPIXELS = 120;

    private const TYPES = ['jpegload' => 'image/jpeg', 'pngload' => 'image/png', 'webpload' => 'image/webp', 'heifload' => 'image/heic'];

    public function __construct(private Tool $tool)
    {
    }

    public function inspect(string $file): PictureFacts
    {
        if (!$this->beginsLikeAPicture($file)) {
            throw NotAPicture::kind();
        }
        $all = $this->fields($file);
        $type = self::TYPES[$all['vips-loader'] ?? ''] ?? throw NotAPicture::kind();
        [$width, $height] = [(int) ($all['width'] ?? 0), (int) ($all['height'] ?? 0)];
        if ($width < 1 || $height < 1) {
            throw NotAPicture::kind();
        }
        if ($width * $height > self::MEGAPIXELS * 1000000) {
            throw NotAPicture::tooManyPixels((int) round($width * $height / 1e6));
        }
        $lying = (int) ($all['orientation'] ?? 1) >= 5;
        $taken = preg_match(
            '/(\d{4}:\d\d:\d\d \d\d:\d\d:\d\d)/',
            $all['exif-ifd2-DateTimeOriginal'] ?? $all['exif-ifd0-DateTime'] ?? '',
            $m,
        ) ? $m[1] : null;

        return new PictureFacts($type, $lying ? $height : $width, $lying ? $width : $height, $taken);
    }

    public function position(string $file): string
    {
        $all = $this->fields($file);
        $degrees = static function (string $which, string $minus) use ($all): ?float {
            // As libvips shows EXIF rationals: "52/1 22/1 1234/100 (…)".
            if (
                1 !== preg_match('~^(\d+)/(\d+) (\d+)/(\d+) (\d+)/(\d+)~', $all["exif-ifd3-GPS$which"] ?? '', $m)
                    || 0 === $m[2] * $m[4] * $m[6]
            ) {
                return null;
            }
            $value = $m[1] / $m[2] + $m[3] / $m[4] / 60 + $m[5] / $m[6] / 3600;

            return str_starts_with($all["exif-ifd3-GPS{$which}Ref"] ?? '', $minus) ? -$value : $value;
        };
        [$north, $east] = [$degrees('Latitude', 'S'), $degrees('Longitude', 'W')];

        return null === $north || null === $east
            ? ''
            : \sprintf('%.5f° %s %.5f° %s', abs($north), $north < 0 ? 'S' : 'N', abs($east), $east < 0 ? 'W' : 'E');
    }

    public function derive(string $file, int $side, string $target): void
    {
        try {
            $this->tool->run(
                [
                    'vips', 'thumbnail', $file, $target.'[Q=82,optimize-coding,strip]', (string) $side, '--height',
                    (string) $side, '--size', 'down', ...$this->toStandardColour($file), '--fail-on', 'truncated',
                ],
                seconds: 60,
            );
        } catch (ToolFailed $error) {
            throw str_contains($error->getMessage(), 'No space left') ? $error : NotAPicture::broken();
        }
    }

    /**
     * A JPEG of three channels and no profile (which APP2 holds) is sRGB already; anything else is converted, which takes a fifth of the
     * time.
     *
     * @return list<string>
     */
    private function toStandardColour(string $file): array
    {
        $markers = [];
        $image = getimagesize($file, $markers);
        $plain = false !== $image && \IMAGETYPE_JPEG === $image[2] && 3 === ($image['channels'] ?? 0) && !isset($markers['APP2']);

        return $plain ? [] : ['--export-profile', 'srgb'];
    }

    /** The first bytes decide which reader may touch the file at all: no SVG, PDF, ZIP or script ever reaches one. */
    private function beginsLikeAPicture(string $file): bool
    {
        $head = (string) file_get_contents($file, length: 32);

        return str_starts_with($head, "\xff\xd8\xff")
            || str_starts_with($head, "\x89PNG\r\n\x1a\n")
            || (str_starts_with($head, 'RIFF') && 'WEBP' === substr($head, 8, 4))
            || ('ftyp' === substr($head, 4, 4) && 1 === preg_match('/^(heic|heix|hevc|heim|heis|mif1|msf1)/', substr($head, 8, 4)));
    }

    /** @return array<string, string> */
    private function fields(string $file): array
    {
        try {
            $text = $this->tool->run(['vipsheader', '-a', $file], seconds: 20);
        } catch (ToolFailed) {
            throw NotAPicture::broken();
        }
        $fields = [];
        foreach (explode("\n", $text) as $line) {
            if (1 === preg_match('/^([A-Za-z0-9-]+): (.*)$/', $line, $m)) {
                $fields[$m[1]] = $m[2];
            }
        }

        return $fields;
    }
}
