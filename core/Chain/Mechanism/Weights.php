<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Damage\Sureness;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;

/** How much each kind of find and circumstance weighs, as `books/mechanisms/conditions.yaml` gives it with where it comes from. */
final readonly class Weights
{
    /**
     * @param float $leak chance of a damage somewhere in the unit that nothing explains, where the conditions say no other
     * @param float $found chance that a plain look finds what is there, where the conditions say no other
     * @param float $swept chance that a look over many parts at once finds what is plain to see
     * @param float $falselySeen chance that a look sees what is not there
     * @param float $state chance of a state of the oil or the machine that nothing explains
     * @param float $partState the same, of a state that each part has for itself
     * @param float $complaint chance that a complaint means something else than it says
     * @param float $first how much more seldom a unit that was never here has debris of an earlier failure in it
     * @param float $settled what a figure or a test leaves of an origin that it speaks against
     * @param float $through share of debris that gets past a filter
     * @param float $throughSuction the same of a screen in the suction
     * @param float $sudden likelihood of wear-out that is noticed from one hour to the next
     * @param float $creeping likelihood of another fault that creeps
     * @param float $fresh hours in which what hands left behind shows
     * @param float $proven hours after which it would long have shown
     * @param float $hands how much likelier it is while fresh
     * @param float $noHands how much less likely once proven
     * @param array<int, float> $seenFalsely by grade: chance that a look sees what is not there, or takes normal running for damage
     * @param float $unexplained chance of a complaint that nothing explains
     * @param float $grave how much less often a damage is unexplained with each grade that it is graver
     * @param float $lateSudden how much less likely what hands left behind is where it comes on suddenly after it has run well
     * @param float $beside chance that whoever found one kind of damage on a face has found any other that is plain to see there
     * @param float $young how much less likely wear is in a unit that has run little
     * @param float $old how much likelier in one that has run long
     * @param float $oneOfTwins how often one of several alike is hurt alone where nothing was wrong with the part itself
     * @param float $fairlySure how often who is only fairly sure sees what is not there
     * @param float $guess how often who guesses does
     * @param float $piece how often a piece is found where the part that it fits is broken
     * @param float $pieceElsewhere how often it is found though none is
     * @param float $filled hours in which what was filled at a repair is not old yet
     * @param float $fresherOil how much less likely it is never changed by then
     * @param float $atOnce how much less likely what shows at the first turn is once it has run for hours since hands were in it
     * @param float $firstHours how much likelier what hands left behind is where it shows at once
     * @param float $newParts how much likelier a part is bad of itself while a repair is fresh
     * @param float $temper slope of the line along which the log odds of the first are moved
     * @param float $lift its height
     * @param array<string, list<array{string, float, float, string}>> $circumstances each with what it speaks of, the likelihoods if
     *                                                                                that is false and if it is true, and in words
     */
    private function __construct(
        public float $leak,
        public float $found,
        public float $swept,
        public float $falselySeen,
        public float $state,
        public float $partState,
        public float $complaint,
        public float $first,
        public float $settled,
        public float $through,
        public float $throughSuction,
        public float $sudden,
        public float $creeping,
        public float $fresh,
        public float $proven,
        public float $hands,
        public float $noHands,
        public array $circumstances,
        public array $seenFalsely,
        public float $young,
        public float $old,
        public float $unexplained,
        public float $grave,
        public float $beside,
        public float $lateSudden,
        public float $oneOfTwins,
        public float $fairlySure,
        public float $guess,
        public float $piece,
        public float $pieceElsewhere,
        public float $filled,
        public float $fresherOil,
        public float $atOnce,
        public float $firstHours,
        public float $newParts,
        public float $temper,
        public float $lift,
    ) {
    }

    /** @throws BookError naming a weight that is missing or no number above zero */
    public static function of(Data $data): self
    {
        $weights = $data->named('weights');
        $is = static function (string $key) use ($weights): float {
            $value = ($weights[$key] ?? throw new BookError('is missing.', 'weights/'.$key))->text('is');

            return is_numeric($value) && (float) $value > 0.0
                ? (float) $value
                : throw new BookError(\sprintf('“%s” is no number above zero.', $value), "weights/$key/is");
        };
        $circumstances = [];
        foreach ($data->named('circumstances') as $key => $one) {
            foreach ($one->maps('speaks') as $speaks) {
                $circumstances[$key][] = [
                    $speaks->text('of'),
                    (float) $speaks->text('if-not'),
                    (float) $speaks->text('if-so'),
                    $one->text('said'),
                ];
            }
        }
        foreach (['hot', 'cold', 'slow', 'fast', 'loaded', 'empty'] as $key) {
            isset($circumstances[$key]) || throw new BookError('is missing.', 'circumstances/'.$key);
        }

        return new self(
            $is('leak'), $is('found'), $is('swept'), $is('falsely-seen'), $is('state'), $is('part-state'), $is('complaint'), $is('first'),
            $is('settled'), $is('through'), $is('through-suction'), $is('sudden'), $is('creeping'), $is('fresh'), $is('proven'),
            $is('hands'), $is('no-hands'),
            $circumstances,
            [
                1 => $is('falsely-seen-trace'), 2 => $is('falsely-seen-slight'), 3 => $is('falsely-seen'),
                4 => $is('falsely-seen-beyond-doubt'),
            ],
            $is('young'),
            $is('old'),
            $is('unexplained'),
            $is('grave'),
            $is('beside'),
            $is('late-sudden'),
            $is('one-of-twins'),
            $is('fairly-sure'),
            $is('guess'),
            $is('piece'),
            $is('piece-elsewhere'),
            $is('filled'),
            $is('fresher-oil'),
            $is('at-once'),
            $is('first-hours'),
            $is('new-parts'),
            $is('temper'),
            $is('lift'),
        );
    }

    /** Chance that who is so sure sees what is not there, beside what the grade says. */
    public function mistaken(Sureness $sure): float
    {
        return match ($sure) {
            Sureness::Sure => 0.0, Sureness::Fairly => $this->fairlySure, Sureness::Guess => $this->guess,
        };
    }
}
