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
                    $evidence[] = new Evidence($spot, $ifFalse, $ifTrue, $said);
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

        return $evidence;
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
            null === $facts->sinceRepair || !\in_array($kind, self::BY_HANDS, true) => 1.0,
            $facts->sinceRepair <= $weights->fresh => $weights->hands,
            $facts->sinceRepair >= $weights->proven => $weights->noHands,
            default => 1.0,
        };
    }
}
