<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Readings;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Place;
use Japhrex\Core\Figure\Input\Places;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\Form;

final readonly class FormFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'form',
            Group::Readings,
            'What shape do readings at several places make?',
            [
                new Key('readings', new Places(), 'two readings or more, each with its place'),
                Key::choice('kind', ['section', 'along', 'face'], 'around one section, along a length, or over a face'),
                Key::choice('reads', ['diameter', 'radius'], 'section only: what the gauge reads')->default('diameter'),
                Key::length('length', 'along only: from the first place to the last')->optional(),
            ],
            [
                'mean' => 'mm', 'min' => 'mm', 'max' => 'mm', 'range' => 'largest − smallest, mm',
                'roundness' => 'section: half the range of diameters, or the range of radii, mm',
                'taper' => 'along: change of size a length, signed',
                'flatness' => 'face: the range, mm',
            ],
            'range = max − min; roundness = range/2 of diameters, range of radii; taper = (last − first)/length; flatness = range',
            'ISO 1101 and ISO 12181-1 (terms); two-point and indicator practice',
            ['readings' => '0°:44.02 mm;60°:44.01 mm;120°:44.03 mm', 'kind' => 'section'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $kind = $inputs->word('kind');
        $readings = array_map(static fn (Place $place): float => $place->reading->si, $inputs->items('readings', Place::class));
        if (\count($readings) < 2) {
            throw new FigureError('readings: one reading makes no shape; expected two or more.', 'readings');
        }
        $this->check($inputs, $kind);
        $form = new Form($readings);
        $outcome = (new Outcome())->length('mean', $form->mean())->length('min', $form->min())->length('max', $form->max())->length(
            'range',
            $form->range(),
        );

        return match ($kind) {
            'section' => 'radius' === $inputs->word('reads')
                ? $outcome->length('roundness', $form->range())
                : $outcome->length('roundness', $form->roundnessOfDiameters())->note(
                    'Two-point readings miss lobes of an odd number: a three-lobed shape measures the same all round. Use a '
                        .'V-block or three-point gauge where that matters.'
                ),
            'along' => $outcome->ratio('taper', $form->taper($inputs->si('length'))),
            default => $outcome->length('flatness', $form->range()),
        };
    }

    private function check(Inputs $inputs, string $kind): void
    {
        if ('along' === $kind && !$inputs->has('length')) {
            throw new FigureError('length is missing: a taper needs the length from the first place to the last.', 'length');
        }
        if ('along' !== $kind && $inputs->has('length')) {
            throw new FigureError(\sprintf('kind=%s takes no length; it goes with kind=along.', $kind), 'kind');
        }
        if ('section' !== $kind && $inputs->isTyped('reads')) {
            throw new FigureError(\sprintf('kind=%s takes no reads; it goes with kind=section.', $kind), 'kind');
        }
    }
}
