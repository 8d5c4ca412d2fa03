<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

/** What catches when it is turned by hand, asked after until it points somewhere. */
final readonly class Bind
{
    /** What is asked, each with its answers. */
    public const ASKED = [
        'how' => ['How it catches', ['all' => 'stiff all the way round', 'once' => 'once in a turn', 'one-way' => 'one way only']],
        'spot' => [
            'Once in a turn: the spot, marked on what turns and on what stands',
            ['shaft' => 'it goes round with the shaft', 'housing' => 'it stays where it is'],
        ],
        'wet' => ['Wetted, and dry', ['yes' => 'as the book says', 'no' => 'not as the book says']],
    ];

    /**
     * @param array<string, string> $typed `how`, `spot`, `wet`, `frees` (fasteners slackened one by one: at which it frees, or `none`),
     *                                     `side`
     *
     * @return list<string> what was found and where it points, the first to do first
     *
     * @throws BuildError saying what was not looked at yet
     */
    public static function says(BuildStep $step, array $typed): array
    {
        $how = $typed['how'] ?? '';
        $wet = $typed['wet'] ?? '';
        $frees = trim($typed['frees'] ?? '');
        isset(self::ASKED['how'][1][$how]) || throw BuildError::howItBinds();
        isset(self::ASKED['wet'][1][$wet]) || throw BuildError::whetherItIsWet();
        if ('no' === $wet) {
            return ['First as the book says, wet or dry, and turned again: dry faces drag, oiled ones that run dry stick. '
                .'Nothing is taken apart for that.'];
        }
        if ('once' === $how && !isset(self::ASKED['spot'][1][$typed['spot'] ?? ''])) {
            throw BuildError::whereTheSpotIs();
        }
        if (BindState::Tight === $step->bind && '' === $frees) {
            throw BuildError::whichFrees();
        }

        return array_values(array_filter([
            $step->catch,
            match (true) {
                BindState::Tight === $step->bind && 'none' === mb_strtolower($frees) => 'It catches with all slackened too: then it '
                    .'is not position but dirt, or a part the wrong way. Take it apart again.',
                BindState::Tight === $step->bind => \sprintf(
                    'It frees at %s: look there for dirt in the joint, a burr, a dowel that binds, a screw that is too long. '
                        .'Then tighten in smaller rounds, turning after each.',
                    $frees,
                ),
                BindState::Pressed === $step->bind && 'all' === $how => 'Read the bore again: it closes on being pressed; and the float: '
                    .'pressed too far it stands against its neighbour.',
                BindState::Pressed === $step->bind => 'Read the run-out with the indicator: what was started askew stays askew.',
                default => '',
            },
            'once' !== $how ? '' : (
                'shaft' === $typed['spot']
                    ? 'The spot goes round with the shaft: a burr, a grain or a bend in what turns.'
                    : 'The spot stays where it is: a burr or a grain in what stands, or a part there the wrong way.'
            ),
            'one-way' !== $how ? '' : 'One way only: an edge that faces the wrong way, a lip turned over, or a free-wheel that is '
                .'meant to.',
            '' === trim($typed['side'] ?? '') ? '' : 'Felt at: '.trim($typed['side']).'.',
        ]));
    }
}
