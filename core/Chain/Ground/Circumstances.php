<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Weights;
use Japhrex\Core\Chain\OriginKind;

/** What the circumstances of a complaint, and the hours since the last repair, say: they are evidence as a look is. */
final class Circumstances
{
    /** Hours since new below which little has worn, and above which much may have. */
    private const YOUNG = 1000.0;
    private const OLD = 5000.0;

    /** Hours in which a unit is turned for the first time. */
    private const FIRST = 2.0;

    /** What hands leave behind. */
    private const BY_HANDS = [OriginKind::AssemblyError, OriginKind::WrongPart, OriginKind::Installation, OriginKind::LeftoverDebris];

    /** @return list<Evidence> several may speak of one condition */
    public static function evidence(Facts $facts, Weights $weights): array
    {
        $evidence = [];
        foreach ($facts->complaints as $complaint) {
            foreach (['hot' => ['cold', 'hot'], 'fast' => ['slow', 'fast'], 'loaded' => ['empty', 'loaded']] as $field => $words) {
                $is = $complaint->{$field};
                foreach (null === $is ? [] : $weights->circumstances[$words[(int) $is]] as [$spot, $ifFalse, $ifTrue, $said]) {
                    // Two complaints that come when it is cold are one circumstance.
                    $evidence[$spot.$said] = new Evidence($spot, $ifFalse, $ifTrue, $said);
                }
            }
        }
        // What comes on from one hour to the next is seldom wear; what creeps is seldom a break or a part put in wrong.
        $sudden = self::sudden($facts);
        if (null !== $sudden) {
            $evidence[] = $sudden
                ? new Evidence('origin:wear-out', 1.0, $weights->sudden, 'came on suddenly')
                : new Evidence('origin:wear-out', $weights->creeping, 1.0, 'came on slowly');
        }

        // A repair fills it anew.
        if (null !== $facts->sinceRepair && $facts->sinceRepair < $weights->filled) {
            $evidence[] = new Evidence('origin:old-oil', 1.0, $weights->fresherOil, 'filled anew at the last repair');
        }

        return array_values($evidence);
    }

    /** Did all of it come on suddenly, or slowly? Null: nobody said, or some so and some so. */
    private static function sudden(Facts $facts): ?bool
    {
        $onsets = array_unique(array_filter(array_column($facts->complaints, 'sudden'), is_bool(...)), \SORT_REGULAR);

        return 1 === \count($onsets) ? reset($onsets) : null;
    }

    /** How much likelier, or less, an origin of this kind is in any one part: so long after somebody was inside, and as it came on. */
    public static function factor(Facts $facts, Weights $weights, OriginKind $kind, bool $inAPart = false): float
    {
        $hours = OriginKind::WearOut !== $kind || null === $facts->hours ? 1.0 : match (true) {
            $facts->hours < self::YOUNG => $weights->young,
            $facts->hours > self::OLD => $weights->old,
            default => 1.0,
        };

        return $hours * match (true) {
            // Of the unit as a whole that is evidence of its own, see above.
            OriginKind::WearOut === $kind && $inAPart && true === self::sudden($facts) => $weights->sudden,
            OriginKind::PartDefect === $kind && null !== $facts->sinceRepair && $facts->sinceRepair < $weights->fresh => $weights->newParts,
            !\in_array($kind, self::BY_HANDS, true) => 1.0,
            null !== $facts->sinceRepair => self::hands($facts->sinceRepair, $weights) * self::late($facts, $facts->sinceRepair, $weights),
            // Nobody is known to have been inside: whoever made it was.
            null !== $facts->hours => min(1.0, self::hands($facts->hours, $weights)) * self::late($facts, $facts->hours, $weights),
            default => 1.0,
        };
    }

    /** How much less likely what shows at the first turn is, since it has run for hours. */
    public static function atOnce(Facts $facts, Weights $weights): float
    {
        return ($facts->sinceRepair ?? 0.0) > self::FIRST ? $weights->atOnce : 1.0;
    }

    /** From the first hours to what is proven, evenly with the logarithm of the hours, with a bend where it is fresh no more. */
    private static function hands(float $hours, Weights $weights): float
    {
        if ($hours < $weights->fresh) {
            $way = log($weights->fresh / max($hours, self::FIRST)) / log($weights->fresh / self::FIRST);

            return $weights->hands * ($weights->firstHours / $weights->hands) ** $way;
        }
        $way = log(max($hours, 1.0) / $weights->fresh) / log($weights->proven / $weights->fresh);

        return $weights->hands * ($weights->noHands / $weights->hands) ** min(1.0, max(0.0, $way));
    }

    private static function late(Facts $facts, float $hours, Weights $weights): float
    {
        return $hours > $weights->fresh && true === self::sudden($facts) ? $weights->lateSudden : 1.0;
    }
}
