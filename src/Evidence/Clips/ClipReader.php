<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

use App\Evidence\NotAPicture;
use App\Platform\Tool;
use App\Platform\ToolFailed;

/** Reads what a clip or a sound is from its bytes, whatever it is called: `ffprobe` looks, this decides. */
final readonly class ClipReader
{
    /** The longest that is taken, seconds; and how far a phone may overshoot. */
    public const LONGEST = 60;
    private const OVERSHOOT = 1.5;

    private const EBML = "\x1a\x45\xdf\xa3";

    /** Devices that know no time write the beginning of their calendar. */
    private const FIRST_TRUE_TIME = '2001-01-01';

    private const ASKED = 'format=format_name,duration:format_tags=major_brand,creation_time'
        .':stream=width,height:stream_side_data=rotation';

    public function __construct(private Tool $tool)
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
        $said = $this->probe($file, self::ASKED);
        $format = \is_array($said['format'] ?? null) ? $said['format'] : [];
        $tags = \is_array($format['tags'] ?? null) ? $format['tags'] : [];
        [$width, $height] = self::size($said);
        $name = explode(',', self::text($format, 'format_name'))[0];
        $type = match ($name) {
            'matroska' => $width > 0 ? 'video/webm' : 'audio/webm',
            'mov' => match (true) {
                0 === $width => 'audio/mp4',
                str_starts_with(self::text($tags, 'major_brand'), 'qt') => 'video/quicktime',
                default => 'video/mp4',
            },
            'ogg' => 'audio/ogg',
            'mp3' => 'audio/mpeg',
            'wav' => 'audio/wav',
            default => throw NotAPicture::kind(),
        };
        $seconds = is_numeric($format['duration'] ?? null) ? (float) $format['duration'] : $this->lastPacket($file);
        if ($seconds <= 0.0) {
            throw NotAPicture::brokenClip();
        }
        if ($seconds > self::LONGEST + self::OVERSHOOT) {
            throw NotAPicture::tooLong((int) round($seconds), self::LONGEST);
        }

        return new ClipFacts($type, round($seconds, 2), $width, $height, self::time(self::text($tags, 'creation_time')));
    }

    /** What a browser records has no length in it: it is as long as its last packet goes. */
    private function lastPacket(string $file): float
    {
        $packets = $this->probe($file, 'packet=pts_time,duration_time')['packets'] ?? [];
        $ends = array_map(
            static fn (mixed $packet): float => \is_array($packet)
                ? (float) self::text($packet, 'pts_time') + (float) self::text($packet, 'duration_time')
                : 0.0,
            \is_array($packets) ? $packets : [],
        );

        return [] === $ends ? 0.0 : max($ends);
    }

    /** @return array<mixed> */
    private function probe(string $file, string $entries): array
    {
        try {
            // The file comes from anybody: it may name no other file and no address.
            $said = $this->tool->run(
                ['ffprobe', '-v', 'error', '-protocol_whitelist', 'file', '-of', 'json', '-show_entries', $entries, 'file:'.$file],
                seconds: 20,
            );
        } catch (ToolFailed) {
            throw NotAPicture::brokenClip();
        }
        $data = json_decode($said, true);

        return \is_array($data) ? $data : [];
    }

    /**
     * As it is shown: a phone that is held upright records lying, and says that it is turned.
     *
     * @param array<mixed> $said
     *
     * @return array{int, int} width and height; 0 for a sound
     */
    private static function size(array $said): array
    {
        foreach (\is_array($said['streams'] ?? null) ? $said['streams'] : [] as $stream) {
            if (\is_array($stream) && \is_int($stream['width'] ?? null) && \is_int($stream['height'] ?? null) && $stream['width'] > 0) {
                $side = \is_array($stream['side_data_list'] ?? null) ? $stream['side_data_list'] : [];
                $turned = array_filter(
                    array_column($side, 'rotation'),
                    static fn (mixed $by): bool => is_numeric($by) && 90 === abs((int) $by),
                );

                return [] === $turned ? [$stream['width'], $stream['height']] : [$stream['height'], $stream['width']];
            }
        }

        return [0, 0];
    }

    /** MP4 and QuickTime write their time in UTC; many devices write none. */
    private static function time(string $written): ?\DateTimeImmutable
    {
        return $written >= self::FIRST_TRUE_TIME ? (date_create_immutable($written) ?: null) : null;
    }

    /** @param array<mixed> $said */
    private static function text(array $said, string $key): string
    {
        return \is_scalar($said[$key] ?? null) ? (string) $said[$key] : '';
    }
}
