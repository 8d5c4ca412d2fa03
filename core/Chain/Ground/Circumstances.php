<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\OriginKind;

/** What the circumstances of a complaint, and the hours since the last repair, say: they are evidence as a look is. */
final class Circumstances
{
    /**
     * Circumstance => what it speaks of, with the likelihoods if that is false and if it is true: thin oil leaks through worn gaps when
     * it is hot and the pump is slow, and the more the higher the pressure; thick oil and high speed starve a suction.
     */
    private const SAYS = [
        'hot' => [['state:leakage', 0.25, 0.9, 'only when hot']],
        'cold' => [['state:leakage', 0.9, 0.3, 'only when cold'], ['state:starved', 0.45, 0.9, 'only when cold']],
        'slow' => [['state:leakage', 0.3, 0.9, 'only at idle']],
        'fast' => [['state:starved', 0.35, 0.9, 'only at speed'], ['state:leakage', 0.8, 0.4, 'only at speed']],
        'loaded' => [['state:leakage', 0.55, 0.9, 'only under load']],
        'empty' => [['state:leakage', 0.9, 0.4, 'only without load']],
    ];

    /** Wear-out that is noticed from one hour to the next, against a fault that is; and a fault of another kind that creeps. */
    private const SUDDEN = 0.3;
    private const CREEPING = 0.6;

    /** Hours in which what hands left behind shows, and after which it would long have shown; how much likelier and less likely it is. */
    private const FRESH = 100.0;
    private const PROVEN = 2000.0;
    private const HANDS = 2.5;
    private const NO_HANDS = 0.3;

    /** What hands leave behind. */
    private const BY_HANDS = [OriginKind::AssemblyError, OriginKind::WrongPart, OriginKind::Installation, OriginKind::LeftoverDebris];

    /** @return list<Evidence> several may speak of one condition */
    public static function evidence(Facts $facts): array
    {
        $evidence = [];
        foreach ($facts->complaints as $complaint) {
            foreach (['hot' => ['cold', 'hot'], 'fast' => ['slow', 'fast'], 'loaded' => ['empty', 'loaded']] as $field => $words) {
                $is = $complaint[$field] ?? null;
                foreach (null === $is ? [] : self::SAYS[$words[(int) $is]] as [$spot, $ifFalse, $ifTrue, $said]) {
                    $evidence[] = new Evidence($spot, $ifFalse, $ifTrue, $said);
                }
            }
        }
        // What comes on from one hour to the next is seldom wear; what creeps is seldom a break or a part put in wrong.
        $sudden = self::sudden($facts);
        if (null !== $sudden) {
            $evidence[] = $sudden
                ? new Evidence('origin:wear-out', 1.0, self::SUDDEN, 'came on suddenly')
                : new Evidence('origin:wear-out', self::CREEPING, 1.0, 'came on slowly');
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
    public static function factor(Facts $facts, OriginKind $kind, bool $inAPart = false): float
    {
        return match (true) {
            // Of the unit as a whole that is evidence of its own, see above.
            OriginKind::WearOut === $kind && $inAPart && true === self::sudden($facts) => self::SUDDEN,
            null === $facts->sinceRepair || !\in_array($kind, self::BY_HANDS, true) => 1.0,
            $facts->sinceRepair <= self::FRESH => self::HANDS,
            $facts->sinceRepair >= self::PROVEN => self::NO_HANDS,
            default => 1.0,
        };
    }
}
