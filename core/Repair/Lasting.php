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
     * @return WornPart|null the part that is worn out first; null: nothing that was measured is worn
     */
    public static function of(float $service, array $used): ?WornPart
    {
        $worn = array_filter($used, static fn (float $share): bool => $share > 0.0);
        if ([] === $worn || $service <= 0.0) {
            return null;
        }
        arsort($worn);
        $part = (string) array_key_first($worn);

        return new WornPart($part, max(0.0, $service * (1.0 - $worn[$part]) / $worn[$part]));
    }

    /**
     * By how long it lasted before, in words.
     *
     * @param string $service until this failure, as it was told; empty: nobody knows
     * @param bool $causeStays is what started it still there when the unit is repaired as it was?
     */
    public static function asBefore(string $service, bool $causeStays): string
    {
        return '' === $service ? '' : \sprintf(
            'It lasted %s until this failure%s.',
            $service,
            $causeStays ? '; with the same cause no longer is to be expected' : '',
        );
    }

    /**
     * In words; a part that is within two hundredths of its life of the limit promises nothing.
     *
     * @param array<string, float> $used as above
     * @param \Closure(string): string $name of a part
     *
     * @return string empty: nothing that was measured is worn
     */
    public static function says(float $hours, array $used, \Closure $name): string
    {
        $last = self::of($hours, $used);

        return match (true) {
            null === $last => '',
            $last->left < 0.02 * $hours => \sprintf('%s goes back in at its limit: no length can be promised.', $name($last->part)),
            default => \sprintf(
                'About %s h by wear: %s goes back in and reaches its limit first.',
                number_format(round($last->left, -1), 0, '.', ' '),
                lcfirst($name($last->part)),
            ),
        };
    }
}
