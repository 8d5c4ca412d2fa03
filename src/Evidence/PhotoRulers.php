<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use Japhrex\Core\Photo\Measuring;
use Japhrex\Core\Photo\PhotoError;
use Japhrex\Core\Photo\Plane;
use Japhrex\Core\Photo\Point;
use Japhrex\Core\Photo\Ruler;
use Japhrex\Core\Photo\Scale;
use Japhrex\Core\Photo\Target;
use Japhrex\Core\Quantity\BareNumber;

/** The ruler of a photo, and measuring with it. Points are kept as shares of the picture and measured in its own pixels. */
final readonly class PhotoRulers
{
    /** Longest side of the raster that is searched for the card. */
    public const SEARCHED = 800;

    public function rulerOf(Photo $photo): ?Ruler
    {
        $ruler = $photo->ruler;
        if (null === $ruler) {
            return null;
        }
        $points = $this->pixels($photo, $ruler['points']);

        return match ($ruler['kind']) {
            'length' => new Scale($points[0], $points[1], $ruler['width'], Scale::RULE_WITHIN * $ruler['width']),
            'card' => Plane::ofRectangle($points, Target::WIDTH, Target::HEIGHT, Target::PRINTED_WITHIN),
            default => Plane::ofRectangle($points, $ruler['width'], $ruler['height'] ?? $ruler['width'], Scale::RULE_WITHIN),
        };
    }

    /** In the middle of the picture; null: nothing in it tells how large a thing is. */
    public function millimetresAPixel(Photo $photo): ?float
    {
        $ruler = $this->rulerOf($photo);
        if (null === $ruler) {
            return null;
        }
        [$x, $y] = [$photo->picture->width / 2, $photo->picture->height / 2];
        $at = $ruler->place(new Point($x, $y));

        return sqrt($at->to($ruler->place(new Point($x + 1, $y))) * $at->to($ruler->place(new Point($x, $y + 1))));
    }

    public function measuring(Photo $photo): Measuring
    {
        $ruler = $this->rulerOf($photo);
        $searched = max($photo->picture->width, $photo->picture->height) / self::SEARCHED;

        return 'card' === ($photo->ruler['kind'] ?? '')
            ? new Measuring($ruler, controlWithin: Target::FOUND_WITHIN * max(1, $searched))
            : new Measuring($ruler);
    }

    /**
     * Sets a ruler, if one can be made of it.
     *
     * @param list<array{float, float}> $points shares
     *
     * @throws PhotoError saying what is wrong
     */
    public function set(Photo $photo, string $kind, array $points, float $width, float $height, Actor $by): void
    {
        $wanted = 'length' === $kind ? 2 : 4;
        if (\count($points) !== $wanted) {
            throw new PhotoError(
                'length' === $kind
                    ? 'Draw the known length from one end to the other.'
                    : 'Set the four corners one after the other, around the square.'
            );
        }
        $before = $photo->ruler;
        $photo->measureWith(['kind' => $kind, 'points' => $points, 'width' => $width, 'height' => $height, 'by' => $by->signsAs()]);
        try {
            $this->rulerOf($photo);
        } catch (PhotoError $error) {
            $photo->measureWith($before);
            throw $error;
        }
    }

    public function setCard(Photo $photo, Target $target, float $rasterWidth, float $rasterHeight): void
    {
        $photo->measureWith([
            'kind' => 'card',
            'points' => array_map(
                static fn (Point $p): array => [($p->x + 0.5) / $rasterWidth, ($p->y + 0.5) / $rasterHeight],
                $target->middles,
            ),
            'width' => Target::WIDTH,
            'height' => Target::HEIGHT,
            'by' => 'found by the program',
        ]);
    }

    /** Millimetres a pixel of the original in the middle of a region; null without a ruler. */
    public function mmPerPixel(Photo $photo, Point $at): ?float
    {
        $ruler = $this->rulerOf($photo);

        return null === $ruler ? null : Measuring::mmPerPixel($ruler, $at);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<Point>
     */
    public function pixels(Photo $photo, array $points): array
    {
        return array_map(
            static fn (array $p): Point => new Point($p[0] * $photo->picture->width, $p[1] * $photo->picture->height),
            $points,
        );
    }

    /**
     * Points as the page sends them.
     *
     * @return list<array{float, float}>
     *
     * @throws PhotoError
     */
    public static function shares(string $json, int $most = 500): array
    {
        $points = json_decode($json, true);
        $shares = [];
        foreach (\is_array($points) ? $points : [] as $point) {
            if (
                !\is_array($point)
                    || null === BareNumber::of($point[0] ?? null)
                    || null === BareNumber::of($point[1] ?? null)
                    || min($point[0], $point[1]) < 0
                    || max($point[0], $point[1]) > 1
            ) {
                throw new PhotoError('A point lies on its picture: x and y are from 0 to 1.');
            }
            $shares[] = [(float) $point[0], (float) $point[1]];
        }
        if (\count($shares) > $most) {
            throw new PhotoError(\sprintf('At most %d points can be set.', $most));
        }

        return $shares;
    }
}
