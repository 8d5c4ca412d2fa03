<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/**
 * One way for oil to leak back.
 *
 * Gaps that lie side by side leak the mean of what each would leak: each has its part of the width. Gaps that the oil
 * passes one after the other share the drop: 1/h³ is the mean of 1/hᵢ³ (laminar, equal lengths).
 */
final readonly class LeakRoute
{
    /**
     * @param string $path as `paths` takes it, with `{gap}` where the gap of one face stands; `xN` counts all faces
     * @param string $new the gap of a new unit; where faces share it, the total
     * @param string $found where the gap as found comes from: an expression of readings; where faces share it, the total
     * @param int $faces how many faces share a total
     * @param Lies $lies how the part lies between them
     * @param bool $series the places follow each other along the oil's way
     */
    public function __construct(
        public string $name,
        public string $path,
        public string $new,
        public string $found,
        public int $faces = 1,
        public Lies $lies = Lies::Centred,
        public bool $series = false,
    ) {
    }

    /**
     * As `paths` takes it.
     *
     * @param non-empty-list<string> $gaps at each place, as typed
     * @param bool $most the way that leaks most, where nobody can know how the part lies
     */
    public function with(array $gaps, bool $most = false): string
    {
        $gaps = $this->series && \count($gaps) > 1 ? [self::inSeries($gaps)] : $gaps;

        return implode(';', array_map(fn (string $gap): string => $this->one($gap, 1 / \count($gaps), $this->lies->at($most)), $gaps));
    }

    public function asNew(bool $most = false): string
    {
        return $this->with([$this->new], $most);
    }

    /** How many faces there are in all; 0 where the path cannot be read. */
    public function times(): int
    {
        return (int) ($this->parsed()['times'] ?? 0);
    }

    private function one(string $gap, float $share, Lies $lies): string
    {
        $path = $this->parsed();
        if (null === $path) {
            return $this->path;
        }
        $times = $path['times'];
        if ($this->faces > 1) {
            [$gap, $times] = Lies::OneSide === $lies
                ? [$gap, intdiv($times, $this->faces)]
                : [self::scaled($gap, 1 / $this->faces), $times];
        }
        $sizes = $path['sizes'];
        if ($share < 1.0) {
            $width = 'face' === $path['kind'] ? 3 : 0;
            $sizes[$width] = self::scaled($sizes[$width] ?? '360 deg', $share);
        }

        return $path['kind'].':'.str_replace('{gap}', $gap, implode(',', $sizes)).($times > 1 ? ' x'.$times : '');
    }

    /** @return array{kind: string, sizes: list<string>, times: int}|null */
    private function parsed(): ?array
    {
        return 1 !== preg_match('~^\s*(slot|annulus|face):(.*?)(?:\s*x\s*(\d+))?\s*$~', $this->path, $m)
            ? null
            : ['kind' => $m[1], 'sizes' => array_map(trim(...), explode(',', $m[2])), 'times' => max(1, (int) ($m[3] ?? 1))];
    }

    /** @param non-empty-list<string> $gaps */
    private static function inSeries(array $gaps): string
    {
        $sizes = array_map(static fn (string $gap): float => Quantity::parse($gap, Dimension::Length)->in('mm'), $gaps);
        if (min($sizes) <= 0.0) {
            return $gaps[(int) array_search(min($sizes), $sizes, true)];
        }

        return self::number(
            (\count($sizes) / array_sum(array_map(static fn (float $size): float => $size ** -3, $sizes))) ** (1 / 3)
        ).' mm';
    }

    private static function scaled(string $typed, float $by): string
    {
        return 1 !== preg_match('~^\s*(-?[\d.]+)\s*(.*?)\s*$~', $typed, $m) ? $typed : trim(self::number((float) $m[1] * $by).' '.$m[2]);
    }

    private static function number(float $value): string
    {
        $text = number_format($value, 12, '.', '');

        return rtrim(rtrim($text, '0'), '.');
    }
}
