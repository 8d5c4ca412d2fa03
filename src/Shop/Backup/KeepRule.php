<?php

declare(strict_types=1);

namespace App\Shop\Backup;

/** Which backups are kept: the newest of each of seven days, five weeks and twelve months, and always the newest of all. */
final class KeepRule
{
    /** Format of a date that is the same within a day, a week (ISO 8601) or a month => how many of them. */
    private const KEPT = ['Y-m-d' => 7, 'o-W' => 5, 'Y-m' => 12];

    /**
     * @param list<\DateTimeImmutable> $made in any order
     *
     * @return list<\DateTimeImmutable> those that are kept, the newest first
     */
    public static function kept(array $made): array
    {
        usort($made, static fn (\DateTimeImmutable $a, \DateTimeImmutable $b): int => $b <=> $a);
        $kept = [];
        foreach (self::KEPT as $format => $most) {
            $newest = [];
            foreach ($made as $at) {
                $newest[$at->format($format)] ??= $at;
            }
            $kept = [...$kept, ...\array_slice(array_values($newest), 0, $most)];
        }

        return array_values(array_filter($made, static fn (\DateTimeImmutable $at): bool => \in_array($at, $kept, false)));
    }
}
