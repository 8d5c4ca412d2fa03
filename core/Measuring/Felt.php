<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Quantity;

/** A size that a hand guessed: it counts until a gauge has spoken, with what a hand is worth. */
final class Felt
{
    /** What a hand misses by, twice in three times: a guess against nothing, and against a good one at hand. Guesses. */
    private const MISSES = 0.25;
    private const MISSES_AGAINST_A_GOOD_ONE = 0.1;

    public static function judge(Quantity $guess, Limits $limits, bool $againstAGoodOne): FieldAssessment
    {
        $u = abs($guess->si) * ($againstAGoodOne ? self::MISSES_AGAINST_A_GOOD_ONE : self::MISSES);

        return new FieldAssessment([new JudgedPlace('', (new ReadingVerdict())->judgeSize(new Size($guess->si, $u), $limits))]);
    }
}
