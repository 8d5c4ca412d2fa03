<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** The answer to a theory in plain words, so that it can be said to whoever has it. */
final class Answering
{
    /** So many finds are named. */
    private const NAMED = 3;

    /** @param bool|null $stands what a figure or a test says of it */
    public static function sentence(
        Ground $ground,
        Candidate $theory,
        ?Candidate $first,
        ?bool $stands = null,
        string $because = '',
    ): string {
        $percent = static fn (float $share): string => (string) ($share < 0.1 ? round(100 * $share, 1) : round(100 * $share));
        $name = static fn (string $id): string => lcfirst($ground->spots[$id]->name);
        $said = [\sprintf(
            '%s: brought about %s %%, was there in %s %%.',
            $theory->origin->name,
            $percent($theory->part),
            $percent($theory->posterior),
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
            $said[] = 'It should have left '.implode(
                '; ',
                array_map(
                    static fn (string $id): string => $name($id).' ('.$ground->seen[$id]->said.')',
                    \array_slice($theory->contradicts, 0, self::NAMED),
                ),
            ).'.';
        }
        if (null !== $stands) {
            $said[] = ($stands ? 'For it speaks: ' : 'Against it speaks: ').rtrim($because, '. ').'.';
        }
        if (null !== $first && $first->origin->id() !== $theory->origin->id()) {
            $said[] = \sprintf('The finds speak more for: %s (%s %%).', lcfirst($first->origin->name), $percent($first->part));
        }

        return implode(' ', $said);
    }
}
