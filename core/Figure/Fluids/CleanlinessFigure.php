<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fluids;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\PerMillilitre;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class CleanlinessFigure implements Figure
{
    /** The most particles a millilitre in each class, from 0 to 28. */
    private const CLASSES = [
        0.01, 0.02, 0.04, 0.08, 0.16, 0.32, 0.64, 1.3, 2.5, 5, 10, 20, 40, 80, 160, 320, 640, 1300, 2500, 5000, 10000, 20000, 40000,
        80000, 160000, 320000, 640000, 1300000, 2500000,
    ];
    private const SIZES = ['n4' => 4, 'n6' => 6, 'n14' => 14];

    public function card(): Card
    {
        return new Card(
            'cleanliness',
            Group::Fluids,
            'How clean is this oil?',
            [
                new Key('n4', new PerMillilitre(), 'particles a mL of 4 µm(c) and more'),
                new Key('n6', new PerMillilitre(), 'particles a mL of 6 µm(c) and more'),
                new Key('n14', new PerMillilitre(), 'particles a mL of 14 µm(c) and more'),
            ],
            ['code' => 'three classes, as 18/16/13'],
            'class R is more than the class below, up to and including 0.01, 0.02, 0.04 … 2 500 000 a mL for R = 0 … 28',
            'ISO 4406',
            ['n4' => '1830', 'n6' => '517', 'n14' => '55'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $code = [];
        $larger = null;
        foreach (array_reverse(self::SIZES) as $key => $size) {
            $number = $this->number($inputs, $key);
            if (null !== $number && null !== $larger && $number < $larger[1] && !Quantity::same($number, $larger[1], Dimension::Number)) {
                throw new FigureError(
                    \sprintf(
                        'There cannot be fewer particles of %d µm and more than of %d µm and more; expected n4 ≥ n6 ≥ n14.',
                        $size,
                        $larger[0],
                    ),
                    $key,
                );
            }
            $larger = null === $number ? $larger : [$size, $number];
            array_unshift($code, null === $number ? PerMillilitre::NOT_COUNTED : $this->classOf($number));
        }
        if (null === $larger) {
            throw new FigureError('No size was counted; expected at least one number.', 'n4');
        }

        return (new Outcome())->word('code', implode('/', $code));
    }

    private function number(Inputs $inputs, string $key): ?float
    {
        return $inputs->isQuantity($key) ? $inputs->si($key) : null;
    }

    private function classOf(float $number): string
    {
        foreach (self::CLASSES as $class => $most) {
            if (Quantity::atMost($number, (float) $most, Dimension::Number)) {
                return (string) $class;
            }
        }

        return '>28';
    }
}
