<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/**
 * What one cause does in many places, it does in many of them or in few: water that got in has rusted half of what is steel, or hardly
 * anything. Written place by place, each sound place would speak against the cause anew, and ten of them would rule it out. So a hidden
 * condition stands between, whether this cause shows in this manner at all. Each place by itself is as likely as before; all of them
 * together say no more against the cause than that it did not show so.
 */
final class Together
{
    private const KIND = 'manner';

    /** In fewer places than this each speaks for itself. */
    private const MANY = 3;

    /** Where it is not at the likeliest place, it shows so often all the same. Our estimate; no count stands behind it. */
    private const SHOWS = 0.6;

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties
     *
     * @return array{array<string, Spot>, list<Tie>}
     */
    public static function of(array $spots, array $ties): array
    {
        $groups = [];
        foreach ($ties as $i => $tie) {
            [$from, $to] = [$spots[$tie->from], $spots[$tie->to]];
            if (null === $from->place && null !== $to->place && \in_array($to->kind, ['damage', 'state'], true)) {
                $groups[$tie->from][$to->kind.':'.$to->key][] = $i;
            }
        }
        foreach ($groups as $cause => $manners) {
            foreach ($manners as $manner => $those) {
                if (\count(array_unique(array_map(static fn (int $i): string => $ties[$i]->to, $those))) < self::MANY) {
                    continue;
                }
                $most = max(array_map(static fn (int $i): float => $ties[$i]->strength, $those));
                $shows = $most + (1.0 - $most) * self::SHOWS;
                $hidden = self::KIND.':'.$manner.' of '.$cause;
                $spots[$hidden] = new Spot(self::KIND, $manner, null, $spots[$cause]->name, 0.0, 1.0);
                foreach ($those as $i) {
                    $tie = $ties[$i];
                    $ties[$i] = new Tie($hidden, $tie->to, $tie->mechanism, $tie->strength / $shows, $tie->by, $tie->isTold);
                }
                $ties[] = new Tie($cause, $hidden, $ties[$those[0]]->mechanism, $shows);
            }
        }

        return [$spots, array_values($ties)];
    }
}
