<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict;

/** Responsibility divided: whole per cent that add up to a hundred. */
final class Shares
{
    /**
     * @param array<string, string> $typed responsibility => per cent as typed; empty: none
     *
     * @return array<string, int> responsibility => per cent, the largest first
     *
     * @throws \DomainException saying what is wrong and what would be right
     */
    public static function read(array $typed): array
    {
        $shares = [];
        foreach ($typed as $who => $text) {
            $text = trim(str_replace('%', '', $text));
            if ('' === $text || '0' === $text) {
                continue;
            }
            $whom = Responsibility::tryFrom($who) ?? throw new \DomainException(
                \sprintf('“%s” is nobody who could carry a share.', mb_substr($who, 0, 40))
            );
            if (1 !== preg_match('/^\d{1,3}$/', $text) || (int) $text > 100) {
                throw new \DomainException(
                    \sprintf('%s: “%s” is no share; a whole number of per cent from 1 to 100.', $whom->label(), mb_substr($text, 0, 20))
                );
            }
            $shares[$who] = (int) $text;
        }
        $sum = array_sum($shares);
        if ([] !== $shares && 100 !== $sum) {
            throw new \DomainException(
                \sprintf(
                    'The shares add up to %d %%; %s. All of it is 100 %%.',
                    $sum,
                    $sum < 100 ? \sprintf('%d %% are carried by nobody', 100 - $sum) : \sprintf('%d %% are too much', $sum - 100),
                )
            );
        }
        arsort($shares);

        return $shares;
    }
}
