<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Quantity\Dimension;

/** Reads by what a book tells its units apart. */
final readonly class IdentityFactory
{
    private const IS = ['length' => Dimension::Length, 'angle' => Dimension::Angle, 'count' => Dimension::Number];

    /** @throws BookError naming the place that cannot be read */
    public function identity(Data $data): Identity
    {
        $features = $choices = [];
        foreach ($data->named('features') as $key => $one) {
            $features[$key] = $this->feature($key, $one);
        }
        foreach ($data->named('variants') as $key => $one) {
            $choices[$key] = new Choice($key, $one->text('question'), $one->textOrNull('look') ?? '', $one->words('options'));
        }
        $moves = $data->has('displacement') ? $data->map('displacement') : null;

        return new Identity($features, $choices, null === $moves ? null : new Displacement(
            new Fill($moves->text('figure'), $moves->words('fill'), 'displacement'),
            $moves->text('larger'),
            $moves->text('smaller'),
        ));
    }

    private function feature(string $key, Data $one): Feature
    {
        $fact = $one->textOrNull('fact') ?? str_replace('-', ' ', $key);
        $wears = Wear::tryFrom($one->textOrNull('wears') ?? '');
        $is = $one->textOrNull('is') ?? 'length';
        $dimension = $one->has('options') ? null : self::IS[$is] ?? $one->fail('expected length, angle or count.', 'is');

        return new Feature(
            $key,
            $one->textOrNull('name') ?? ucfirst($fact),
            $fact,
            $one->text('how'),
            $dimension,
            $one->texts('options'),
            $one->textOrNull('reading') ?? '',
            $wears,
            null === $wears
                ? 0.0
                : $one->quantity('by', $dimension)->si ?? $one->fail('is missing; expected how far running moves it.', 'by'),
            $one->flag('outside'),
        );
    }
}
