<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

use Japhrex\Core\Measuring\FieldAssessment;

/**
 * Whether the wear of a unit can be judged against a complaint at all, and how: only when what leaks was measured, or when
 * what was measured fails by itself already.
 */
final readonly class WearJudgement
{
    /**
     * @param WearPattern|null $pattern what may be said; null: nothing may
     * @param bool $atLeast the pattern is the least: what is not measured can only add to it
     */
    private function __construct(public ?WearPattern $pattern, public bool $atLeast, public string $sentence)
    {
    }

    /**
     * @param WearPattern $least as it fails if what nobody can know is at its best, and what was not measured is as new
     * @param WearPattern $most as it fails if what nobody can know is at its worst
     * @param list<string> $read leak paths that were measured, in words
     * @param list<string> $unread readings that were not taken, in words
     * @param list<string> $beside parts that were found worn and that the arithmetic does not count, in words
     */
    public static function of(WearPattern $least, WearPattern $most, array $read, array $unread, array $beside): self
    {
        if (WearPattern::NewFails === $least || WearPattern::NewFails === $most) {
            return new self(
                null,
                false,
                'Nothing can be said of the wear: by these facts a new one would miss the need as well. Look at the demand, the '
                    .'oil and the pressure asked for.',
            );
        }
        $whole = [] === $unread && [] === $beside;
        if ($whole && $least === $most) {
            return new self($least, false, $least->sentence());
        }
        if (WearPattern::Never !== $least) {
            return new self(
                $least,
                true,
                $least->sentence().(
                    $whole
                        ? ' That is the least: a part that is pressed to one side leaks more.'
                        : ' That is by what was measured alone; what was not can only add to it.'
                ),
            );
        }

        return new self(null, false, $whole
            ? 'This cannot be judged by these readings: if the parts lie as they leak least, the pressure needed is held in all '
                .'four states; if they lie as they leak most, it is not. Settle it on the stand, by flow.'
            : self::unseen($read, $unread, $beside));
    }

    /**
     * @param list<string> $felt states in which it is felt; empty: not told
     *
     * @return ComplaintFit|null null: it cannot be judged
     */
    public function fit(array $felt): ?ComplaintFit
    {
        if (null === $this->pattern) {
            return null;
        }
        $fails = $this->pattern->states() ?? [];

        // Of a least nothing may be said but what it explains.
        return $this->atLeast && ([] === $felt || [] !== array_diff($felt, $fails)) ? null : ComplaintFit::of($this->pattern, $felt);
    }

    /**
     * @param list<string> $read
     * @param list<string> $unread
     * @param list<string> $beside
     */
    private static function unseen(array $read, array $unread, array $beside): string
    {
        $seen = [] === $read
            ? 'No leak path is read whole'
            : 'Only '.FieldAssessment::listed($read).' '.(1 === \count($read) && !str_ends_with($read[0], 's') ? 'is' : 'are').' read';
        $missing = array_filter([
            [] === $unread
                ? ''
                : 'not read: '.implode('; ', \array_slice($unread, 0, 6)).(
                    \count($unread) > 6 ? \sprintf(' and %d more', \count($unread) - 6) : ''
                ),
            [] === $beside ? '' : 'found damaged, but in no arithmetic here: '.FieldAssessment::listed($beside),
        ]);

        return $seen.' ('.implode('; ', $missing).'): this cannot be judged.';
    }
}
