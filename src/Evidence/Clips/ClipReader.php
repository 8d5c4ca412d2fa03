<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

use App\Evidence\NotAPicture;
use App\Platform\Tool;
use App\Platform\ToolFailed;

/** Reads what a clip or a sound is from its bytes, whatever it is called. */
final readonly class ClipReader
{
    /** The longest that is taken, seconds; and how far a phone may overshoot. */
    public const LONGEST = 60;
    private const OVERSHOOT = 1.5;

    private const EBML = "\x1a\x45\xdf\xa3";

    public function __construct(private Tool $tool, private string $projectDir)
    {
    }

    /** Is it moving pictures or sound, to judge by its first bytes? HEIC begins like MP4 and is a picture. */
    public static function begins(string $file): bool
    {
        $head = (string) file_get_contents($file, length: 16);

        return str_starts_with($head, self::EBML)
            || str_starts_with($head, 'OggS')
            || str_starts_with($head, 'ID3') || 1 === preg_match('/^\xff[\xfb\xf3\xf2\xfa]/', $head)
            || (str_starts_with($head, 'RIFF') && 'WAVE' === substr($head, 8, 4))
            || (
                'ftyp' === substr($head, 4, 4)
                    && 1 === preg_match('/^(isom|iso[2-9]|mp4[12]|avc1|M4[AV] |qt  |dash|3gp)/', substr($head, 8, 4))
            );
    }

    /** @throws NotAPicture saying what is wrong with it */
    public function read(string $file): ClipFacts
    {
        $head = (string) file_get_contents($file, length: 16);
        $facts = str_starts_with($head, self::EBML) ? self::webm($file) : $this->other($file, 'qt  ' === substr($head, 8, 4));
        if ($facts->seconds <= 0.0) {
            throw NotAPicture::brokenClip();
        }
        if ($facts->seconds > self::LONGEST + self::OVERSHOOT) {
            throw NotAPicture::tooLong((int) round($facts->seconds), self::LONGEST);
        }

        return $facts;
    }

    private static function webm(string $file): ClipFacts
    {
        $said = new Webm($file);

        return new ClipFacts($said->width > 0 ? 'video/webm' : 'audio/webm', round($said->seconds(), 2), $said->width, $said->height, null);
    }

    private function other(string $file, bool $quicktime): ClipFacts
    {
        try {
            $said = json_decode(
                $this->tool->run([\PHP_BINDIR.'/php', '-d', 'memory_limit=128M', $this->projectDir.'/bin/clip-facts', $file], seconds: 20),
                true,
            );
        } catch (ToolFailed) {
            throw NotAPicture::brokenClip();
        }
        $said = \is_array($said) ? $said : [];
        [$width, $height] = [(int) self::value($said, 'width'), (int) self::value($said, 'height')];
        $type = match ($said['format'] ?? '') {
            'mp4', 'quicktime' => $width > 0 ? ($quicktime ? 'video/quicktime' : 'video/mp4') : 'audio/mp4',
            'ogg' => 'audio/ogg',
            'mp3' => 'audio/mpeg',
            'wav', 'riff' => 'audio/wav',
            default => throw NotAPicture::kind(),
        };
        // MP4 and QuickTime write their time in UTC, in seconds; many devices write none.
        $created = self::value($said, 'created');

        return new ClipFacts(
            $type,
            round((float) self::value($said, 'seconds'), 2),
            $width,
            $height,
            $created > 0 ? new \DateTimeImmutable('@'.(int) $created) : null,
        );
    }

    /** @param array<mixed> $said */
    private static function value(array $said, string $key): int|float
    {
        return \is_int($said[$key] ?? null) || \is_float($said[$key] ?? null) ? $said[$key] : 0;
    }
}
