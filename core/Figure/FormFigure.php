<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Measuring\Form;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class FormFigure implements Figure
{
    public function name(): string
    {
        return 'form';
    }

    public function group(): Group
    {
        return Group::Readings;
    }

    public function question(): string
    {
        return 'What shape do readings at several places make?';
    }

    public function keys(): array
    {
        return [
            Key::places('readings', 'two readings or more, each with its place'),
            Key::choice('kind', ['section', 'along', 'face'], 'around one section, along a length, or over a face'),
            Key::choice('reads', ['diameter', 'radius'], 'section only: what the gauge reads')->default('diameter'),
            Key::length('length', 'along only: from the first place to the last')->optional(),
        ];
    }

    public function results(): array
    {
        return [
            'mean' => 'mm', 'min' => 'mm', 'max' => 'mm', 'range' => 'largest − smallest, mm',
            'roundness' => 'section: half the range of diameters, or the range of radii, mm',
            'taper' => 'along: change of size a length, signed',
            'flatness' => 'face: the range, mm',
        ];
    }

    public function formula(): string
    {
        return 'range = max − min; roundness = range/2 of diameters, range of radii; taper = (last − first)/length; flatness = range';
    }

    public function source(): string
    {
        return 'ISO 1101 and ISO 12181-1 (terms); two-point and indicator practice';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $kind = $inputs->word('kind');
        $readings = $inputs->list('readings');
        $this->check($inputs, $kind, \count($readings));
        $form = new Form(array_map(static fn (Quantity $q): float => $q->si, $readings));
        $outcome = (new Outcome())
            ->quantity('mean', $form->mean(), Dimension::Length, 'mm')
            ->quantity('min', $form->min(), Dimension::Length, 'mm')
            ->quantity('max', $form->max(), Dimension::Length, 'mm')
            ->quantity('range', $form->range(), Dimension::Length, 'mm');

        return match ($kind) {
            'section' => 'radius' === $inputs->word('reads')
                ? $outcome->quantity('roundness', $form->range(), Dimension::Length, 'mm')
                : $outcome->quantity('roundness', $form->roundnessOfDiameters(), Dimension::Length, 'mm')->note('Two-point readings miss lobes of an odd number: a three-lobed shape measures the same all round. Use a V-block or three-point gauge where that matters.'),
            'along' => $outcome->ratio('taper', $form->taper($inputs->si('length'))),
            default => $outcome->quantity('flatness', $form->range(), Dimension::Length, 'mm'),
        };
    }

    private function check(Inputs $inputs, string $kind, int $count): void
    {
        if ($count < 2) {
            throw new FigureError('readings: one reading makes no shape; expected two or more.', 'readings');
        }
        if ('along' === $kind && !$inputs->has('length')) {
            throw new FigureError('length is missing: a taper needs the length from the first place to the last.', 'length');
        }
        if ('along' !== $kind && $inputs->has('length')) {
            throw new FigureError(\sprintf('kind=%s takes no length; it goes with kind=along.', $kind), 'kind');
        }
        if ('section' !== $kind && isset($inputs->echo['reads'])) {
            throw new FigureError(\sprintf('kind=%s takes no reads; it goes with kind=section.', $kind), 'kind');
        }
    }
}
