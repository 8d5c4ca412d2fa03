<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** A warranty: of a maker, a supplier, or of the shop on its own repairs. */
final readonly class Policy
{
    public const KINDS = ['maker', 'supplier', 'own-repair'];

    /**
     * @param string $kind one of KINDS
     * @param string $maker whose units it is for; empty: any
     * @param list<Edition> $editions the earliest first, without hole or overlap
     *
     * @throws PolicyError naming the days that no edition covers, or that two do
     */
    public function __construct(public string $key, public string $name, public string $kind, public string $maker, public array $editions)
    {
        foreach ($editions as $i => $edition) {
            $next = $editions[$i + 1] ?? null;
            if (null !== $edition->to && $edition->to < $edition->from) {
                throw new PolicyError(
                    \sprintf('ends on %s, before it begins on %s.', $edition->to->format('Y-m-d'), $edition->from->format('Y-m-d')),
                    "editions/$i/valid",
                );
            }
            if (null === $next) {
                continue;
            }
            $after = $edition->to?->modify('+1 day');
            if (null === $after || $next->from < $after) {
                throw new PolicyError(
                    \sprintf(
                        'begins on %s, while the edition before it is in force until %s: two editions for one day.',
                        $next->from->format('Y-m-d'),
                        $edition->to?->format('Y-m-d') ?? 'further notice',
                    ),
                    'editions/'.($i + 1).'/valid',
                );
            }
            if ($next->from > $after) {
                throw new PolicyError(
                    \sprintf(
                        'begins on %s, but the edition before it ends on %s: nothing is in force between.',
                        $next->from->format('Y-m-d'),
                        $edition->to->format('Y-m-d'),
                    ),
                    'editions/'.($i + 1).'/valid',
                );
            }
        }
    }

    /**
     * Is it for this unit? Of its maker, or of any; and the shop's own repairs only where it was repaired here before.
     *
     * @param string $maker of the unit
     */
    public function isFor(string $maker, bool $repairedHere): bool
    {
        return ('' === $this->maker || mb_strtolower($this->maker) === mb_strtolower(trim($maker)))
            && ('own-repair' !== $this->kind || $repairedHere);
    }
}
