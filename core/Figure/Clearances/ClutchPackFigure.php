<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\QuantityList;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\ShimShelf;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class ClutchPackFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'clutch-pack',
            Group::Clearances,
            'Has the clutch pack the clearance it needs, and which ring gives it?',
            [
                Key::length('depth', 'from the seat of the pack to the face of the ring'),
                new Key('plates', new QuantityList(Range::positive()), 'thickness of all plates, steels and frictions'),
                Key::gap('cushion', 'the cushion ring, as high as it stands')->default('0 mm'),
                Key::count('frictions', 'friction plates'),
                Key::gap('low-per', 'least clearance a friction plate'),
                Key::gap('high-per', 'largest clearance a friction plate'),
                (new Key('rings', new QuantityList(Range::positive()), 'selective rings to choose from'))->optional(),
                Key::length('present', 'the ring in it now; with rings')->optional(),
            ],
            [
                'clearance' => 'mm', 'per-friction' => 'mm', 'fit' => 'is it inside its limits?',
                'ring' => 'the ring to fit, mm', 'ring-clearance' => 'with that ring, mm', 'ring-fit' => 'is that inside?',
            ],
            'clearance = depth − Σ plates − cushion; inside low-per·frictions … high-per·frictions; with a ring: clearance + '
                .'present − ring',
            'plain geometry',
            [
                'depth' => '25.00 mm',
                'plates' => '2.0 mm x6;1.6 mm x6',
                'cushion' => '2.2 mm',
                'frictions' => '6',
                'low-per' => '0.15 mm',
                'high-per' => '0.25 mm',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $frictions = $inputs->int('frictions');
        try {
            $window = new Window($inputs->si('low-per') * $frictions, $inputs->si('high-per') * $frictions);
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'low-per');
        }
        $clearance = $inputs->si('depth') - array_sum($inputs->siList('plates')) - $inputs->si('cushion');
        if (Quantity::same($clearance, 0.0, Dimension::Length)) {
            $clearance = max(0.0, $clearance);
        }
        $hasRings = $inputs->has('rings') || $inputs->has('present');
        if ($hasRings) {
            $inputs->way([['rings', 'present']]);
        } elseif ($clearance < 0) {
            throw new FigureError(
                \sprintf(
                    'The pack does not go in: it stands %s above its room. Measure depth and plates again, count the plates.',
                    Sizes::show(-$clearance, Dimension::Length),
                ),
                'depth',
            );
        }
        $outcome = (new Outcome())->length('clearance', $clearance)->length(
            'per-friction',
            $clearance / $frictions,
        )->truth('fit', $window->holds($clearance));

        return $hasRings ? $this->ring($inputs, $clearance, $window, $outcome) : $outcome;
    }

    private function ring(Inputs $inputs, float $clearance, Window $window, Outcome $outcome): Outcome
    {
        $bare = $clearance + $inputs->si('present');
        [$ring] = (
            new ShimShelf(array_map(static fn (float $size): array => [$size, 1], $inputs->siList('rings')))
        )->pick($bare, $window, 1);
        $after = $bare - $ring;
        $fit = $window->holds($after);
        $outcome->length('ring', $ring)->length('ring-clearance', $after)->truth('ring-fit', $fit);

        return $fit ? $outcome : $outcome->note(
            \sprintf(
                'No ring fits: the nearest leaves it too %s by %s.',
                $after > $window->high ? 'loose' : 'tight',
                Sizes::show($window->shortBy($after), Dimension::Length),
            )
        );
    }
}
