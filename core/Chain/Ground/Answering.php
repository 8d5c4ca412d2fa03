<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** The answer to a theory in plain words, so that it can be said to whoever has it. */
final class Answering
{
    /** So many finds are named. */
    private const NAMED = 3;

    /**
     * @param Candidate|null $other whom it is held against; null: there is nobody else
     * @param Versus|null $versus it beside the other
     * @param bool|null $stands what a figure or a test says of it
     */
    public static function sentence(
        Ground $ground,
        Candidate $theory,
        ?Candidate $other,
        ?Versus $versus,
        ?bool $stands = null,
        string $because = '',
    ): string {
        $name = static fn (string $id): string => lcfirst($ground->spots[$id]->name);
        $found = static fn (string $id): string => $name($id).' ('.$ground->seen[$id]->said.')';
        $list = static fn (array $ids): string => implode('; ', array_map($found, \array_slice($ids, 0, self::NAMED)));
        $said = [\sprintf(
            '%s: brought about %s %%, was there in %s %%.',
            $theory->origin->name,
            self::percent($theory->part),
            self::percent($theory->posterior),
        )];
        if ([] === $theory->explains) {
            $said[] = 'It would explain nothing of what was found.';
        } else {
            $leaves = array_map($name, \array_slice($theory->leaves, 0, self::NAMED));
            $said[] = \sprintf(
                'It would explain %d of %d%s.',
                \count($theory->explains),
                \count($theory->explains) + \count($theory->leaves),
                [] === $leaves ? '' : ', but not '.implode('; ', $leaves),
            );
        }
        if ([] !== $theory->contradicts) {
            $said[] = 'It should have left '.$list($theory->contradicts).'.';
        }
        if (null !== $other && null !== $versus) {
            // What was named above is not named twice.
            $named = [...$theory->contradicts, ...\array_slice($theory->leaves, 0, self::NAMED)];
            $against = array_values(array_diff(array_keys($versus->against), $named));
            $said[] = [] === $against ? '' : \sprintf('Beside “%s” speak against it: %s.', lcfirst($other->origin->name), $list($against));
            $said[] = [] === $versus->for ? '' : 'For it: '.$list(array_keys($versus->for)).'.';
        }
        if (null !== $stands) {
            $said[] = ($stands ? 'For it speaks: ' : 'Against it speaks: ').rtrim($because, '. ').'.';
        }
        if (null !== $other && $other->part > $theory->part) {
            $said[] = \sprintf('The finds speak more for: %s (%s %%).', lcfirst($other->origin->name), self::percent($other->part));
        }
        if (null !== $other && null !== $versus?->look) {
            $said[] = \sprintf(
                'What would settle it: %s, left in %s %% if it was so, in %s %% if it was %s.',
                lcfirst($versus->look->name),
                self::percent($versus->first),
                self::percent($versus->second),
                lcfirst($other->origin->name),
            );
        }

        return implode(' ', array_filter($said));
    }

    private static function percent(float $share): string
    {
        return (string) ($share < 0.1 ? round(100 * $share, 1) : round(100 * $share));
    }
}
