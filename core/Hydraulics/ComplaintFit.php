<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** How a complaint, with when it is felt, goes with the states in which the worn pump fails. */
final readonly class ComplaintFit
{
    private function __construct(public bool $explains, public string $sentence)
    {
    }

    /**
     * @param list<string> $felt states in which it is felt, of those of WearPattern::states(); empty: not told
     */
    public static function of(WearPattern $pattern, array $felt): self
    {
        $fails = $pattern->states();
        if (null === $fails) {
            return new self(false, 'Nothing can be said: a new pump would miss the need as well.');
        }
        if ([] === $fails) {
            return new self(
                false,
                'This wear does not explain it. Look elsewhere: what limits the pressure, what feeds the pump, what takes the oil.',
            );
        }
        if ([] === $felt) {
            return new self(
                false,
                'It is not told whether it fails cold or hot, at idle or at speed. Ask: this wear fails '.self::say($fails).'.',
            );
        }
        $both = array_values(array_intersect($felt, $fails));
        $unexplained = array_values(array_diff($felt, $fails));
        $more = array_values(array_diff($fails, $felt));

        return match (true) {
            [] === $both => new self(
                false,
                'This wear does not explain it: it is felt '.self::say($felt).', the wear fails '.self::say($fails)
                    .'. Look for a second cause.',
            ),
            [] !== $unexplained => new self(
                false,
                'This wear explains only a part: '.self::say($both).'. It is also felt '.self::say($unexplained)
                    .', where the pump as found still holds.',
            ),
            [] === $more => new self(
                true,
                'This wear explains it: it is felt '.self::say($felt).', exactly where the pump as found fails.',
            ),
            default => new self(
                true,
                'This wear would explain it, and more: it should also fail '.self::say($more).'. Ask whether it does.',
            ),
        };
    }

    /** @param list<string> $states */
    private static function say(array $states): string
    {
        return match (\count($states)) {
            0 => 'never',
            4 => 'always',
            default => implode(
                ' and ',
                array_map(
                    static fn (string $state): string => strtr(
                        $state,
                        ['cold-' => 'cold ', 'hot-' => 'hot ', 'idle' => 'at idle', 'working' => 'at working speed'],
                    ),
                    $states,
                ),
            ),
        };
    }
}
