<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** What a nail feels and what a gauge reads may differ: both stand, and why is said. */
final class NailAndGauge
{
    /**
     * @param bool|null $finds does the nail find something? null: nobody has felt
     * @param list<LimitVerdict> $read of the part
     *
     * @return string empty: they agree, or one of them has not spoken
     */
    public static function differ(?bool $finds, array $read): string
    {
        $isWithin = [] !== $read && [] === array_filter($read, static fn (LimitVerdict $one): bool => LimitVerdict::Within !== $one);

        return match (true) {
            true === $finds && $isWithin => 'A nail feels it, and every reading lies within. Both stand: a groove that is narrower '
                .'than the anvil is felt and not measured.',
            false === $finds && \in_array(LimitVerdict::Outside, $read, true) => 'A nail glides over it, and a reading lies outside. Both '
                .'stand: even wear is not felt.',
            default => '',
        };
    }
}
