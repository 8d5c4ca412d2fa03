<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** What is shown of several pictures so that a millimetre is as long in each: as much of each as the least of them shows. */
final readonly class SameScale
{
    /**
     * @param list<array{float, float, float, float}> $views of each picture, in its pixels: left, top, width, height
     * @param float|null $wide millimetres across; null: not all have a scale, and each is shown whole
     */
    private function __construct(public array $views, public ?float $wide)
    {
    }

    /** @param list<array{float, float, float|null}> $pictures width and height in pixels, millimetres a pixel; null: nothing tells */
    public static function of(array $pictures): self
    {
        $whole = array_map(static fn (array $one): array => [0.0, 0.0, (float) $one[0], (float) $one[1]], $pictures);
        $scales = array_filter(array_column($pictures, 2), static fn (?float $mm): bool => null !== $mm && $mm > 0.0);
        if (\count($scales) < \count($pictures) || [] === $pictures) {
            return new self($whole, null);
        }
        // As much across and as much down as the one that shows least of it.
        $wide = min(array_map(static fn (array $one): float => $one[0] * (float) $one[2], $pictures));
        $high = min(array_map(static fn (array $one): float => $one[1] * (float) $one[2], $pictures));

        return new self(array_map(static function (array $one) use ($wide, $high): array {
            [$w, $h] = [$wide / (float) $one[2], $high / (float) $one[2]];

            return [($one[0] - $w) / 2, ($one[1] - $h) / 2, $w, $h];
        }, $pictures), $wide);
    }
}
