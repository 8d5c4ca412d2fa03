<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** Is a picture worth keeping? Said at once, while the part is still on the bench; it is never a reason to refuse one. */
final readonly class PhotoQuality
{
    /** Of the Laplacian's spread over the brightest-edged tenth of tiles, grey levels: below it no edge is sharp. */
    private const SHARP = 9.0;

    /** @param list<string> $hints what is wrong and what would be right; nothing: worth keeping */
    private function __construct(public array $hints, public float $sharpness, public float $lightness, public float $burnt)
    {
    }

    /**
     * @param Raster $picture the picture at about 400 pixels
     * @param int $original longest side of the original, pixels
     * @param bool $scaleAsked is a scale wanted in it, and
     * @param bool $scaleFound is one there?
     */
    public static function of(Raster $picture, int $original, bool $scaleAsked = false, bool $scaleFound = false): self
    {
        $grey = $picture->inGrey();
        $total = $burnt = 0;
        $n = $grey->width * $grey->height;
        foreach ((array) count_chars($grey->bytes, 1) as $level => $pixels) {
            $total += $level * $pixels;
            $burnt += $level >= 250 ? $pixels : 0;
        }
        $sharpness = self::sharpness($grey);
        $lightness = $total / $n;
        $burntShare = 100 * $burnt / $n;

        return new self(array_values(array_filter([
            $sharpness < self::SHARP ? 'It is blurred: hold still, tap on the part to focus, or go back a hand.' : null,
            $lightness < 38 ? 'It is too dark: bring a lamp from the side.' : null,
            $burntShare > 12
                ? \sprintf('%d %% of it is burnt out: turn the part or the lamp, no flash on bright steel.', (int) round($burntShare))
                : null,
            $original < 1000
                ? \sprintf('It is small (%d pixels): nothing can be measured in it. Go closer or choose a larger size.', $original)
                : null,
            $scaleAsked && !$scaleFound ? 'A scale is asked for here: lay our card or a rule beside the part, in its plane.' : null,
        ])), $sharpness, $lightness, $burntShare);
    }

    /** The spread of the Laplacian in the sharpest tenth of tiles: a blurred picture has no sharp tile anywhere. */
    private static function sharpness(Raster $grey): float
    {
        $tile = 24;
        [$bytes, $w] = [$grey->bytes, $grey->width];
        $spreads = [];
        for ($ty = 1; $ty + $tile < $grey->height; $ty += $tile) {
            // Every other tile, as on a chess board, tells enough.
            for ($tx = 1 + $tile * (intdiv($ty, $tile) % 2); $tx + $tile < $grey->width; $tx += 2 * $tile) {
                $sum = $square = 0.0;
                for ($y = $ty; $y < $ty + $tile; ++$y) {
                    for ($at = $y * $w + $tx, $end = $at + $tile; $at < $end; ++$at) {
                        $l = 4 * \ord($bytes[$at]) - \ord($bytes[$at - 1]) - \ord($bytes[$at + 1]) - \ord(
                            $bytes[$at - $w]
                        ) - \ord($bytes[$at + $w]);
                        $sum += $l;
                        $square += $l * $l;
                    }
                }
                $n = $tile * $tile;
                $spreads[] = sqrt(max(0.0, $square / $n - ($sum / $n) ** 2));
            }
        }
        rsort($spreads);
        $best = \array_slice($spreads, 0, max(1, intdiv(\count($spreads), 10)));

        return [] === $best ? 0.0 : array_sum($best) / \count($best);
    }
}
