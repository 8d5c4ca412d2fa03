<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

/** What of a solid lies in the plane of the section: where there is material, and where it ends. */
final readonly class Area
{
    /**
     * @param list<list<array{float, float}>> $rings along the axis and away from it; what lies within two of them is open
     * @param list<Edge> $edges
     * @param int $tone from 0, the lightest, to 9
     * @param bool $isHatched is it cut? A shaft, a ball, a screw, the teeth of a gear are shown whole
     * @param bool $stops does something that is pushed against it stop there?
     */
    public function __construct(
        public array $rings,
        public array $edges,
        public int $tone,
        public bool $isHatched,
        public bool $stops = true,
    ) {
    }

    public function moved(float $z, float $y = 0.0): self
    {
        return new self(
            array_map(static fn (array $ring): array => array_map(
                static fn (array $one): array => [$one[0] + $z, $one[1] + $y],
                $ring,
            ), $this->rings),
            array_map(static fn (Edge $one): Edge => $one->moved($z, $y), $this->edges),
            $this->tone,
            $this->isHatched,
            $this->stops,
        );
    }

    /** Turned end for end. */
    public function mirrored(float $long): self
    {
        $turned = static fn (array $one): array => [$long - $one[0], $one[1]];

        return new self(
            array_map(static fn (array $ring): array => array_map($turned, $ring), $this->rings),
            array_map(
                static fn (Edge $one): Edge => new Edge(
                    $turned($one->from), $turned($one->to), [-$one->inward[0], $one->inward[1]], $one->surface,
                ),
                $this->edges,
            ),
            $this->tone,
            $this->isHatched,
            $this->stops,
        );
    }

    /** With its axis upright. */
    public function upright(): self
    {
        $turned = static fn (array $one): array => [$one[1], $one[0]];

        return new self(
            array_map(static fn (array $ring): array => array_map($turned, $ring), $this->rings),
            array_map(
                static fn (Edge $one): Edge => new Edge($turned($one->from), $turned($one->to), $turned($one->inward), $one->surface),
                $this->edges,
            ),
            $this->tone,
            $this->isHatched,
            $this->stops,
        );
    }

    public function scaled(float $by): self
    {
        $scaled = static fn (array $one): array => [$by * $one[0], $by * $one[1]];

        return new self(
            array_map(static fn (array $ring): array => array_map($scaled, $ring), $this->rings),
            array_map(
                static fn (Edge $one): Edge => new Edge($scaled($one->from), $scaled($one->to), $one->inward, $one->surface),
                $this->edges,
            ),
            $this->tone,
            $this->isHatched,
            $this->stops,
        );
    }

    /** @return array{float, float, float, float} from where to where it reaches along the axis, and across it */
    public function box(): array
    {
        $points = array_merge(...$this->rings);
        [$z, $y] = [array_column($points, 0), array_column($points, 1)];

        return [min([\INF, ...$z]), max([-\INF, ...$z]), min([\INF, ...$y]), max([-\INF, ...$y])];
    }

    /**
     * From where to where it reaches along a line at a height.
     *
     * @return list<array{float, float}>
     */
    public function at(float $y): array
    {
        return self::crossings($this->rings, $y);
    }

    /**
     * Lines that fill it, as a cut is shown on a drawing.
     *
     * @param float $degrees to which they rise
     *
     * @return list<array{array{float, float}, array{float, float}}>
     */
    public function hatching(float $degrees, float $apart): array
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $turned = array_map(static fn (array $ring): array => array_map(
            static fn (array $one): array => [$one[0] * $cos + $one[1] * $sin, $one[1] * $cos - $one[0] * $sin],
            $ring,
        ), $this->rings);
        $heights = array_merge(...array_map(static fn (array $ring): array => array_column($ring, 1), $turned));
        $lines = [];
        if ([] === $heights) {
            return $lines;
        }
        for ($y = $apart * ceil(min($heights) / $apart); $y < max($heights); $y += $apart) {
            foreach (self::crossings($turned, $y + 1e-6) as [$from, $to]) {
                $back = static fn (float $z): array => [$z * $cos - $y * $sin, $y * $cos + $z * $sin];
                $lines[] = [$back($from), $back($to)];
            }
        }

        return $lines;
    }

    /**
     * @param list<list<array{float, float}>> $rings
     *
     * @return list<array{float, float}>
     */
    private static function crossings(array $rings, float $y): array
    {
        $at = [];
        foreach ($rings as $ring) {
            foreach ($ring as $i => [$toZ, $toY]) {
                [$z, $fromY] = $ring[($i ?: \count($ring)) - 1];
                if (($fromY > $y) !== ($toY > $y)) {
                    $at[] = $z + ($y - $fromY) / ($toY - $fromY) * ($toZ - $z);
                }
            }
        }
        sort($at);

        $spans = [];
        for ($i = 1; $i < \count($at); $i += 2) {
            $spans[] = [$at[$i - 1], $at[$i]];
        }

        return $spans;
    }
}
