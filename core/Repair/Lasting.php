<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** How long a repaired unit may last: as long as the part that goes back in with the most wear. */
final class Lasting
{
    /**
     * Wear goes on as it went: what is left is the service so far times the wear left over the wear used.
     *
     * @param float $service hours, or kilometres, that the unit has run
     * @param array<string, float> $used part that goes back in => share of its wear that is used, 0 to 1
     *
     * @return array{part: string, left: float}|null the part that is worn out first; null: nothing that was measured is worn
     */
    public static function of(float $service, array $used): ?array
    {
        $worn = array_filter($used, static fn (float $share): bool => $share > 0.0);
        if ([] === $worn || $service <= 0.0) {
            return null;
        }
        arsort($worn);
        $part = (string) array_key_first($worn);

        return ['part' => $part, 'left' => max(0.0, $service * (1.0 - $worn[$part]) / $worn[$part])];
    }
}
