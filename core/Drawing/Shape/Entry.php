<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Shape;

use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Named;
use Japhrex\Core\Family\Data;

/**
 * One line of a part's shape in a book: a kind of solid with its sizes, where it stands, and how often.
 *
 * Sizes are numbers that mean nothing but their ratio. A solid begins where the one before it ended; `at` says otherwise.
 */
final readonly class Entry
{
    public Frame $frame;
    public Named $named;

    /** @param float $scale pixels for a size of 1 */
    public function __construct(public Data $data, float $scale = 1.0)
    {
        $this->frame = match ($this->lies()) {
            'along' => Frame::along($scale),
            'across' => Frame::across($scale),
            'up' => Frame::upright($scale),
            default => $data->fail('a solid lies along, across or up.', 'lies'),
        };
        $this->named = new Named(
            $data->textOrNull('front') ?? '',
            $data->textOrNull('side') ?? '',
            $data->textOrNull('bore') ?? '',
            $data->textOrNull('floor') ?? '',
            $data->textOrNull('flank') ?? '',
        );
    }

    /** @return string along, across or up */
    public function lies(): string
    {
        return $this->data->textOrNull('lies') ?? 'along';
    }

    /** The kind of solid, of those that are known. */
    public function kind(): Kind
    {
        foreach (Kind::cases() as $one) {
            if ($this->data->has($one->value)) {
                return $one;
            }
        }
        $this->data->fail('no such solid; expected one of '.implode(', ', array_column(Kind::cases(), 'value')).'.');
    }

    /** @return list<float> the sizes of its kind; none where it is told by points */
    public function sizes(): array
    {
        return \in_array($this->kind(), [Kind::Around, Kind::Poly, Kind::Hose], true) ? [] : $this->data->numbers($this->kind()->value);
    }

    public function size(string $key, float $else): float
    {
        return $this->data->numbers($key)[0] ?? $else;
    }

    public function tone(): int
    {
        return (Stuff::tryFrom($this->data->textOrNull('of') ?? '') ?? Stuff::Steel)->tone();
    }

    public function long(): float
    {
        return $this->size('long', $this->kind()->usualLength($this->sizes()));
    }

    /**
     * Where each of them stands: a, b, and by how many degrees it is turned.
     *
     * @return list<array{float, float, float}>
     */
    public function places(): array
    {
        [$a, $b] = $this->data->numbers('off') + [0.0, 0.0];
        $turn = $this->size('turn', 0.0);
        $places = [];
        [$count, $radius] = $this->data->numbers('round') + [0.0, 0.0];
        for ($i = 0; $i < $count; ++$i) {
            $angle = $turn + 360 * $i / $count;
            $turned = $this->kind()->facesTheMiddle() ? $angle : 0.0;
            $places[] = [$a + $radius * cos(deg2rad($angle)), $b + $radius * sin(deg2rad($angle)), $turned];
        }
        $places = [] === $places ? [[$a, $b, $turn]] : $places;
        foreach ($this->data->lists('and') as $one) {
            [$moreA, $moreB] = $one + [0.0, 0.0];
            $places[] = [$a + $moreA, $b + $moreB, $turn];
        }

        return $places;
    }
}
