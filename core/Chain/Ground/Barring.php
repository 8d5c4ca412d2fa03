<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** Takes out what somebody refused, and what would make an effect older than its cause. */
final class Barring
{
    /**
     * @param array<string, Tie> $ties
     * @param array<string, string> $refused tie => why
     * @param array<string, int> $orders condition => happened as number
     *
     * @return array{array<string, Tie>, array<string, string>} what stays; and what does not hold here, with why
     */
    public static function of(array $ties, array $refused, array $orders): array
    {
        $barred = [];
        foreach ($ties as $id => $tie) {
            $isBackward = isset($orders[$tie->from], $orders[$tie->to]) && $orders[$tie->from] > $orders[$tie->to];
            $why = $refused[$tie->key()] ?? (
                $isBackward ? \sprintf(
                    'the effect (number %d) would be older than its cause (number %d)',
                    $orders[$tie->to],
                    $orders[$tie->from],
                ) : null
            );
            if (null !== $why) {
                $barred[$tie->key()] = $why;
                unset($ties[$id]);
            }
        }

        return [$ties, $barred];
    }
}
