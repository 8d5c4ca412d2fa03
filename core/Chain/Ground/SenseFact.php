<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Damage\Sense;
use Japhrex\Core\Damage\Sureness;
use Japhrex\Core\Measuring\LimitVerdict;

/**
 * What was felt, heard or smelt at a part, as what the engine knows: play, sound and a notch of wear, smell and warmth of
 * heat, rubber of its age.
 */
final class SenseFact
{
    /**
     * A look, or what counts as a reading until there is one; null: it says nothing to either side.
     *
     * @param int $grade place on the scale of the sense, 0 the best
     */
    public static function of(string $part, Sense $sense, int $grade): LookFact|ReadingFact|null
    {
        if (\in_array($sense, [Sense::Play, Sense::Sound, Sense::Turning], true)) {
            $verdict = match (true) {
                0 === $grade => LimitVerdict::Within,
                $grade >= 3 => LimitVerdict::Outside,
                // A play just felt may be that of a new one: without a reference it is a guess.
                2 === $grade => LimitVerdict::Undecided,
                default => null,
            };

            return null === $verdict ? null : new ReadingFact($part, $sense->label(), $verdict);
        }
        $mode = match (true) {
            \in_array($sense, [Sense::Smell, Sense::Heat], true) && $grade >= 2 => 'overheating',
            Sense::Hardness === $sense && 4 === $grade => 'seal-swelling',
            Sense::Hardness === $sense && $grade >= 2 => 'seal-hardening',
            default => null,
        };

        return null === $mode ? null : new LookFact($part, null, $mode, min(3, $grade), sure: Sureness::Fairly);
    }
}
