<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Photo\Outline;
use Japhrex\Core\Photo\PhotoError;
use Japhrex\Core\Photo\Point;
use Japhrex\Core\Photo\Raster;
use Japhrex\Core\Photo\SurfaceLook;
use Japhrex\Core\Photo\TemperColour;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** What a marked region of a photo tells, in words, each with its reason and its limits. */
final readonly class SurfaceHints
{
    private const SIDE = 1600;

    public function __construct(private PhotoPixels $pixels, private PhotoRulers $rulers)
    {
    }

    /**
     * @param list<array{float, float}> $region shares
     * @param list<array{float, float}> $neutral a patch that is grey in truth; nothing: no colour is told
     * @param string $running direction of running, an angle as typed, or nothing
     *
     * @return list<array{string, string}> what is said, and why
     */
    public function hintsFor(Photo $photo, array $region, array $neutral, string $running): array
    {
        if (\count($region) < 3) {
            throw new PhotoError('Draw the outline of the region first.');
        }
        $picture = $this->pixels->read($photo->picture->hash, self::SIDE, true);
        $perRaster = $photo->picture->width / $picture->width;
        $mm = $this->rulers->mmPerPixel($photo, Outline::centre($this->rulers->pixels($photo, $region)));
        $surface = SurfaceLook::of($picture, self::on($picture, $region), null === $mm ? null : $mm * $perRaster);
        $told = [];
        if ($surface->isSmooth) {
            $told[] = [
                'Nothing to be read: smooth, or too soft a picture.',
                \sprintf('Mean gradient %.1f grey levels a pixel.', $surface->gradient),
            ];
        } elseif (!$surface->hasDirection()) {
            $told[] = [
                'Rough, but not one way.',
                \sprintf('Coherence of the structure tensor %.2f; from 0.35 on there would be a direction.', $surface->coherence),
            ];
        } else {
            $told[] = [
                \sprintf('Lines run at %.0f° against the picture.', $surface->direction),
                \sprintf('Coherence %.2f of 1.', $surface->coherence),
            ];
            if ('' !== trim($running)) {
                $off = $surface->against(Quantity::parse($running, Dimension::Angle)->in('deg'));
                $told[] = [
                    \sprintf('They stand %.0f° off the direction of running: %s.', $off, SurfaceLook::madeBy($off)),
                    'Direction of running as typed.',
                ];
            }
            if (null !== $surface->density) {
                $told[] = [
                    \sprintf('About %.1f lines a millimetre across them.', $surface->density),
                    'Dips of the mean profile across; finer ones than two pixels are not seen.',
                ];
            }
        }
        if ($surface->isParted()) {
            $told[] = [
                \sprintf('%.0f %% of it stands out bright.', $surface->bright),
                \sprintf('Bright and dull part with %.0f %% of the variance between them.', 100 * $surface->apart),
            ];
        }
        if (\count($neutral) >= 3) {
            $colour = TemperColour::of(
                SurfaceLook::meanColour($picture, self::on($picture, $region)),
                SurfaceLook::meanColour($picture, self::on($picture, $neutral)),
            );
            $told[] = [
                null === $colour->fromCelsius
                    ? ucfirst($colour->name).'.'
                    : \sprintf(
                        'Temper colour %s: about %d to %d °C on plain steel.',
                        $colour->name,
                        $colour->fromCelsius,
                        $colour->toCelsius,
                    ),
                \sprintf(
                    'Lab hue %.0f°, chroma %.0f, against the neutral patch. Alloyed steel and long heating shift it; a film of '
                        .'oil looks the same until it is wiped.',
                    $colour->hue,
                    $colour->chroma,
                ),
            ];
        }

        return $told;
    }

    /**
     * @param list<array{float, float}> $shares
     *
     * @return list<Point>
     */
    private static function on(Raster $picture, array $shares): array
    {
        return array_map(static fn (array $p): Point => new Point($p[0] * $picture->width, $p[1] * $picture->height), $shares);
    }
}
