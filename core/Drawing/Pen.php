<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** Writes what is drawn in one frame as paths of SVG, in thirds of a pixel: whole numbers are the shortest. */
final readonly class Pen
{
    /** Units of a path in a pixel. */
    public const FINE = 3;

    public function __construct(private Frame $frame)
    {
    }

    /** A number as short as it may be. */
    public static function number(float $value): string
    {
        $text = rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');

        return '-0' === $text || '' === $text ? '0' : (string) preg_replace('/^(-?)0\./', '$1.', $text);
    }

    /** Pixels in the units of a path. */
    public static function fine(float $pixels): string
    {
        return (string) (int) round(self::FINE * $pixels);
    }

    public function point(float $a, float $b, float $c): string
    {
        [$x, $y] = $this->frame->at($a, $b, $c);

        return self::fine($x).' '.self::fine($y);
    }

    /** A whole circle around (a, b) at c. */
    public function circle(float $a, float $b, float $c, float $radius): string
    {
        return \sprintf(
            'M%s%s%sz',
            $this->point($a + $radius, $b, $c),
            $this->arc($radius, $this->point($a - $radius, $b, $c), true, true),
            $this->arc($radius, $this->point($a + $radius, $b, $c), true, true),
        );
    }

    /** On along a circle to a point. */
    public function arc(float $radius, string $to, bool $forward, bool $large = false): string
    {
        [$ax, $ay] = $this->frame->at(1, 0, 0);
        [$bx, $by] = $this->frame->at(0, 1, 0);
        // Seen from the eye the turn from a to b may go either way round.
        $turns = ($ax * $by - $bx * $ay > 0) === $forward;

        return \sprintf(
            'A%s %s %s %d %d %s',
            self::fine($radius * $this->frame->wide),
            self::fine($radius * $this->frame->narrow),
            self::number($this->frame->tilt),
            $large,
            $turns,
            $to,
        );
    }

    /** @param list<array{float, float}> $outline */
    public function outline(array $outline, float $c): string
    {
        return [] === $outline ? '' : $this->line(array_map(static fn (array $one): array => [...$one, $c], $outline)).'z';
    }

    /**
     * A wall that stands on a line, from one end of a solid to the other.
     *
     * @param list<array{float, float}> $line
     */
    public function wall(array $line, float $front, float $back): string
    {
        return $this->line([
            ...array_map(static fn (array $one): array => [$one[0], $one[1], $front], $line),
            ...array_map(static fn (array $one): array => [$one[0], $one[1], $back], array_reverse($line)),
        ]).'z';
    }

    /**
     * From point to point; each is told from the one before, which is shorter.
     *
     * @param list<array{float, float, float}> $points
     */
    public function line(array $points): string
    {
        $path = $last = '';
        $x = $y = 0;
        foreach ($points as $i => $one) {
            [$toX, $toY] = array_map(static fn (float $size): int => (int) round(self::FINE * $size), $this->frame->at(...$one));
            [$right, $down] = [(string) ($toX - $x), (string) ($toY - $y)];
            if (0 === $i || '0' !== $right || '0' !== $down) {
                $lead = match (true) {
                    0 === $i => 'M', 'M' === $last => 'l', '-' === $right[0] => '', default => ' ',
                };
                $path .= $lead.$right.('-' === $down[0] ? '' : ' ').$down;
                $last = 0 === $i ? 'M' : 'l';
            }
            [$x, $y] = [$toX, $toY];
        }

        return $path;
    }
}
