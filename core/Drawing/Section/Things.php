<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Shape\Entry;
use Japhrex\Core\Drawing\Shape\Kind;

/** Things of the shelf as they look cut: balls, springs, cords, screws, bearings, lip seals, sieves. */
final readonly class Things
{
    public function __construct(private Entry $entry, private bool $upright)
    {
    }

    /**
     * @param list<array{list<array{float, float}>, string, float}> $rings each with its surface, and on which side of it there is
     *                                                                     material: 1 within, -1 around it
     */
    public static function outlined(array $rings, int $tone, bool $isHatched, bool $stops = true): Area
    {
        $edges = [];
        foreach ($rings as [$ring, $surface, $side]) {
            $around = 0.0;
            foreach ($ring as $i => [$z, $y]) {
                [$toZ, $toY] = $ring[($i + 1) % \count($ring)];
                $around += $z * $toY - $toZ * $y;
            }
            foreach ($ring as $i => [$z, $y]) {
                [$toZ, $toY] = $ring[($i + 1) % \count($ring)];
                $long = max(1e-9, hypot($toZ - $z, $toY - $y)) * ($around < 0 ? -1 : 1) * $side;
                $edges[] = new Edge([$z, $y], [$toZ, $toY], [($y - $toY) / $long, ($toZ - $z) / $long], $surface);
            }
        }

        return new Area(array_column($rings, 0), $edges, $tone, $isHatched, $stops);
    }

    public function ball(float $c, float $height, float $radius, ?string $surface = null, int $corners = 20): Area
    {
        return $this->area(Outline::circle($c, $height, $radius, $corners), $surface ?? $this->entry->named->side, false);
    }

    /** @return list<Area> */
    public function teeth(float $c, float $root, float $tip, float $height): array
    {
        [$end, $named] = [$c + $this->entry->long(), $this->entry->named];
        $tooth = fn (float $low, float $high): Area => $this->area(
            [[$c, $low], [$end, $low], [$end, $high], [$c, $high]], $named->side, false, false,
        );

        return [$tooth($height + $root, $height + $tip), $tooth($height - $tip, $height - $root)];
    }

    /** @return list<Area> its wire where it passes through the plane */
    public function coil(float $c, float $height, float $diameter, float $wire, float $coils): array
    {
        $turns = [];
        $rise = ($this->entry->long() - $wire) / max(1.0, $coils);
        for ($i = 0; $i < 2 * $coils; ++$i) {
            $at = $height + (0 === $i % 2 ? 1 : -1) * ($diameter - $wire) / 2;
            $turns[] = $this->ball($c + $wire / 2 + $rise * ($i + 0.5) / 2, $at, $wire / 2, null, 10);
        }

        return $turns;
    }

    /** @return list<Area> */
    public function cord(float $c, float $height, float $diameter, float $thick): array
    {
        $cut = fn (int $side): Area => $this->area(
            Outline::circle($c, $height + $side * $diameter / 2, $thick / 2, 14), $this->entry->named->side, true, false,
        );

        return [$cut(1), $cut(-1)];
    }

    /** @return list<Area> */
    public function screw(float $c, float $height, float $diameter, float $long): array
    {
        [$shank, $head, $end] = [0.5 * $diameter, 0.8 * $diameter, $c + $long];

        return [
            $this->area([
                [$c, $height - $shank], [$end, $height - $shank], [$end, $height + $shank], [$c, $height + $shank],
            ], $this->entry->named->side, false),
            $this->area([
                [$end, $height - $head], [$end + 0.65 * $diameter, $height - $head], [$end + 0.65 * $diameter, $height + $head],
                [$end, $height + $head],
            ], '', false),
        ];
    }

    /** @return list<Area> races, and what rolls between them, above and below */
    public function bearing(float $c, float $height, float $outer, float $inner): array
    {
        [$end, $wall] = [$c + $this->entry->long(), ($outer - $inner) / 2];
        $race = $this->entry->named->side ?: $this->entry->named->front;
        $kind = $this->entry->kind();
        $taper = Kind::Tapers === $kind ? 0.18 * $wall : 0.0;
        $cut = [];
        foreach ([1, -1] as $side) {
            $at = static fn (float $radius): float => $height + $side * $radius;
            $ring = fn (float $far, float $near, float $slope): Area => $this->area([
                [$c, $at($far)], [$end, $at($far)], [$end, $at($near - $slope)], [$c, $at($near)],
            ], $race, true);
            $cut[] = $ring($outer / 2, $outer / 2 - 0.3 * $wall, $taper);
            if (Kind::Needles !== $kind) {
                $cut[] = $ring($inner / 2, $inner / 2 + 0.3 * $wall, -$taper);
            }
            $middle = ($outer + $inner) / 4;
            $cut[] = Kind::Balls === $kind ? $this->ball(($c + $end) / 2, $at($middle), 0.26 * $wall, $race) : $this->area([
                [$c + 0.1 * $wall, $at($middle - 0.2 * $wall)], [$end - 0.1 * $wall, $at($middle - 0.2 * $wall - $taper / 2)],
                [$end - 0.1 * $wall, $at($middle + 0.2 * $wall - $taper / 2)], [$c + 0.1 * $wall, $at($middle + 0.2 * $wall)],
            ], $race, false);
        }

        return $cut;
    }

    /** @return list<Area> its shell, and the lip that leans towards the front, or towards the back where it is turned */
    public function lipSeal(float $c, float $height, float $outer, float $inner): array
    {
        [$end, $wall, $named] = [$c + $this->entry->long(), ($outer - $inner) / 2, $this->entry->named];
        $thick = min(0.2 * $wall, 0.3 * $this->entry->long());
        $cut = [];
        foreach ([1, -1] as $side) {
            $at = static fn (float $radius): float => $height + $side * $radius;
            $cut[] = $this->area([
                [$c, $at($outer / 2)], [$end, $at($outer / 2)], [$end, $at($outer / 2 - $thick)], [$c + $thick, $at($outer / 2 - $thick)],
                [$c + $thick, $at($inner / 2 + 0.45 * $wall)], [$c, $at($inner / 2 + 0.45 * $wall)],
            ], $named->side, false);
            $cut[] = $this->area([
                [$c, $at($inner / 2 + 0.5 * $wall)], [$c + 1.6 * $thick, $at($inner / 2 + 0.5 * $wall)],
                [$end, $at($inner / 2 + 0.25 * $wall)], [$end, $at($inner / 2)], [$end - 1.5 * $thick, $at($inner / 2 + 0.12 * $wall)],
                [$c, $at($inner / 2 + 0.3 * $wall)],
            ], $named->front, false, false);
        }

        return !$this->entry->data->flag('turned') || $this->upright ? $cut : array_map(
            fn (Area $one): Area => $one->mirrored($this->entry->long())->moved(2 * $c),
            $cut,
        );
    }

    /** @return list<Area> */
    public function sieve(float $c, float $end, float $height, float $high, bool $isBasket): array
    {
        $wire = fn (float $low): Area => $this->area(
            [[$c, $low], [$end, $low], [$end, $low + 1.2], [$c, $low + 1.2]], $this->entry->named->side, false,
        );

        return $isBasket
            ? [$wire($height + $high / 2 - 1.2), $wire($height - $high / 2)]
            : [$this->area([
                [$c, $height - $high / 2], [$end, $height - $high / 2], [$end, $height + $high / 2], [$c, $height + $high / 2],
            ], $this->entry->named->side, true)];
    }

    /** @param list<array{float, float}> $ring along and across the solid */
    private function area(array $ring, string $surface, bool $isHatched, bool $stops = true): Area
    {
        $placed = $this->upright ? array_map(static fn (array $one): array => [$one[1], $one[0]], $ring) : $ring;

        return self::outlined([[$placed, $surface, 1.0]], $this->entry->tone(), $isHatched, $stops);
    }
}
