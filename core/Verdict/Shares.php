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
     * @throws SharesError saying what is wrong and what would be right
     */
    public static function read(array $typed): array
    {
        $shares = [];
        foreach ($typed as $who => $text) {
            $text = trim(str_replace('%', '', $text));
            if ('' === $text || '0' === $text) {
                continue;
            }
            $whom = Responsibility::tryFrom($who) ?? throw SharesError::nobody($who);
            if (1 !== preg_match('/^\d{1,3}$/', $text) || (int) $text > 100) {
                throw SharesError::noShare($whom->label(), mb_substr($text, 0, 20));
            }
            $shares[$who] = (int) $text;
        }
        $sum = array_sum($shares);
        if ([] !== $shares && 100 !== $sum) {
            throw SharesError::sum($sum);
        }
        arsort($shares);

        return $shares;
    }
}
