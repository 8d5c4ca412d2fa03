<?php

declare(strict_types=1);

// A made-up unit of three parts, small enough to be read at a glance: what a book's file holds once it is parsed.
return [
    'book' => 'quay-hand-pump',
    'title' => 'Quay hand pump',
    'parts' => [
        'lid' => ['name' => 'Lid', 'material' => 'brass', 'kind' => ['cover'], 'surfaces' => ['joint' => ['name' => 'Joint']]],
        'plunger' => [
            'name' => 'Plunger', 'material' => 'steel', 'kind' => ['piston'], 'also' => ['piston'], 'facing' => [
                'right' => 'Groove up.',
                'wrong' => 'Sucks nothing.',
            ], 'senses' => ['play'],
            'surfaces' => ['skirt' => ['name' => 'Skirt']],
            'readings' => [
                'diameter' => [
                    'name' => 'Diameter',
                    'gauge' => 'micrometer',
                    'new' => '30.00 mm',
                    'min' => '29.95 mm',
                    'source' => 'sample value',
                    'sample' => true,
                ],
            ],
        ],
        'barrel' => ['name' => 'Barrel', 'material' => 'steel', 'kind' => ['body'], 'surfaces' => ['bore' => ['name' => 'Bore']]],
    ],
    'pairs' => [['parts' => ['plunger', 'barrel'], 'why' => 'Run in on each other.']],
    'carriers' => [
        ['kind' => 'oil', 'from' => 'barrel/bore', 'to' => 'plunger/skirt'],
        ['kind' => 'oil', 'from' => 'plunger/skirt', 'to' => 'lid'],
        ['kind' => 'touch', 'from' => 'plunger/skirt', 'to' => 'barrel/bore'],
        ['kind' => 'hold', 'from' => 'lid/joint', 'to' => 'barrel'],
    ],
    'strip' => [
        [
            'key' => 'lid',
            'title' => 'Lid off',
            'removes' => ['lid'],
            'hides' => ['A screw under paint'],
            'stuck' => ['Look under the paint.'],
        ],
        ['key' => 'plunger', 'title' => 'Plunger out', 'needs' => ['lid'], 'removes' => ['plunger'], 'facing' => ['plunger']],
        ['key' => 'barrel', 'title' => 'Barrel clean', 'needs' => ['plunger'], 'removes' => ['barrel']],
    ],
    'fits' => [
        ['step' => 'lid', 'title' => 'Lid on', 'dry' => 'The joint.'],
        ['step' => 'plunger', 'title' => 'Plunger in', 'dry' => 'Nothing.', 'water' => 'The skirt.'],
        ['step' => 'barrel', 'title' => 'Barrel in', 'dry' => 'Its seat.', 'water' => 'The bore.'],
    ],
    'complaints' => ['no-water' => ['name' => 'No water', 'parts' => ['plunger', 'barrel']]],
];
