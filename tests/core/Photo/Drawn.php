<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Photo;

use Japhrex\Core\Photo\Point;
use Japhrex\Core\Photo\Raster;

/** Pictures drawn by a formula, so that what is in them is known. */
final class Drawn
{
    /** @param callable(int, int): float $light grey of a pixel, 0 to 255 */
    public static function of(int $width, int $height, callable $light): Raster
    {
        $bytes = '';
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $bytes .= \chr((int) max(0, min(255, $light($x, $y))));
            }
        }

        return new Raster($width, $height, $bytes);
    }

    /** Scratches: dark lines every so many pixels, at an angle against the clock from the picture's right. */
    public static function scratches(float $degrees, float $every, float $noise = 0): Raster
    {
        mt_srand(7);
        [$sin, $cos] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];

        // Across a line that rises to the right at the angle: x·sin + y·cos, y running down.
        return self::of(
            240,
            240,
            static fn (int $x, int $y): float => 150 - 70 * max(
                0,
                cos(2 * \M_PI * ($x * $sin + $y * $cos) / $every),
            ) + $noise * (mt_rand(0, 200) / 100 - 1),
        );
    }

    /** Our card lying in a plane that is seen at a slant, on a grey mat; `$inverse` takes a pixel to its place in mm. */
    public static function card(int $width, int $height, callable $inverse): Raster
    {
        return self::of($width, $height, static function (int $x, int $y) use ($inverse): float {
            [$u, $v] = $inverse($x, $y);
            if ($u < -10 || $u > 70 || $v < -10 || $v > 50) {
                return 90 + 20 * sin($x / 9) * sin($y / 7);
            }
            foreach ([[0, 0, true], [60, 0, false], [60, 40, false], [0, 40, false]] as [$mx, $my, $full]) {
                $off = max(abs($u - $mx), abs($v - $my));
                if ($off <= 5) {
                    return $off > 3 || ($off <= 2 && ($full || $off > 1)) ? 25 : 225;
                }
            }

            return 225;
        });
    }

    /** @return list<Point> */
    public static function whole(Raster $picture): array
    {
        return [
            new Point(2, 2),
            new Point($picture->width - 3, 2),
            new Point($picture->width - 3, $picture->height - 3),
            new Point(2, $picture->height - 3),
        ];
    }
}
