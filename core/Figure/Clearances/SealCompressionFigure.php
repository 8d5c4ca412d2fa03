<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

final readonly class SealCompressionFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'seal-compression',
            Group::Clearances,
            'How far is a ring squeezed in its groove?',
            [
                Key::length('cord', 'thickness of the ring’s section, read on the ring that goes in'),
                Key::length('depth', 'of its groove'),
                Key::quantity('gap', Dimension::Length, 'left between the tight faces', Range::notNegative())->default('0 mm'),
                Key::quantity('least', Dimension::Ratio, 'share of the section that is squeezed', Range::share())->default('15 %'),
                Key::quantity('most', Dimension::Ratio, 'share that it stands', Range::share())->default('30 %'),
            ],
            [
                'squeeze' => 'how far the section is pressed together, mm',
                'share' => 'of its thickness',
                'fit' => 'is the share inside least … most?',
            ],
            'squeeze = cord − (depth + gap); share = squeeze/cord',
            'plain geometry; 15 % to 30 % is usual for rings of a static face, the maker’s drawing comes first',
            ['cord' => '2.62 mm', 'depth' => '2.10 mm', 'gap' => '0 mm', 'least' => '15 %', 'most' => '30 %'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        if ($inputs->si('least') > $inputs->si('most')) {
            throw new FigureError('The least share is larger than the most: change them over.', 'least');
        }
        $squeeze = $inputs->si('cord') - $inputs->si('depth') - $inputs->si('gap');
        $share = $squeeze / $inputs->si('cord');
        $outcome = (new Outcome())->length('squeeze', $squeeze)->ratio('share', $share)->truth(
            'fit',
            $share >= $inputs->si('least') - 1e-12 && $share <= $inputs->si('most') + 1e-12,
        );

        return $squeeze > 0.0
            ? $outcome
            : $outcome->note('The ring does not touch the other face: it seals nothing.');
    }
}
