<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Measuring\LimitVerdict;

/**
 * What the finds say as a whole, by rules that are written down: by how far the first leads, on how many finds that rests, and what of each
 * complaint is left unexplained.
 */
final readonly class Conclusion
{
    /** So sure it is where one origin is said to stand out, on so many finds at least; and so much of a complaint may be left to none. */
    public const STANDS_OUT = 0.8;
    private const RESTS_ON = 2;
    private const LEFT = 0.5;

    /** So much of a complaint its own origin did, and that of another complaint less than this share of that, where two are told. */
    private const OWN = 0.5;
    private const ANOTHERS = 0.5;

    /** Share of the parts that a complaint hangs on which were found clean, where the unit is said to be sound. */
    private const CLEARED = 0.8;

    /** A find is damage, not a trace of running, where it is so many times likelier seen if it is there. */
    private const DAMAGE = 20.0;

    /**
     * @param array<string, Candidate> $by complaint => what did most of it
     * @param array<string, float> $left complaint => how much of it none of the candidates did
     * @param string|null $hangsOn the one find without which another would lead; null: it rests on several
     * @param int $finds how much damage was seen
     * @param array{int, int} $cleared parts that the complaints hang on: found clean, and all
     */
    private function __construct(
        public Says $says,
        public ?Candidate $first,
        public array $by,
        public array $left,
        public ?string $hangsOn,
        public array $cleared,
        public int $finds,
    ) {
    }

    /**
     * @param list<Candidate> $candidates those first that did most
     */
    public static function of(Analysis $analysis, array $candidates, Book $book): self
    {
        $by = $left = [];
        foreach ($analysis->complaints() as $id) {
            $parts = array_map(static fn (Candidate $one): float => $one->brought[$id] ?? 0.0, $candidates);
            $left[$id] = max(0.0, 1.0 - array_sum($parts));
            $best = self::best($candidates, $id);
            if (null !== $best) {
                $by[$id] = $best;
            }
        }
        $cleared = self::cleared($analysis, $book);
        $first = $candidates[0] ?? null;
        $says = match (true) {
            self::isSound($analysis, $cleared) => Says::UnitSound,
            self::isSeveral($by, $candidates) => Says::Several,
            self::standsOut($first, $left) => Says::Decided,
            $analysis->ground->cameApart => Says::Lost,
            default => Says::Open,
        };

        return new self($says, $first, $by, $left, self::hangsOn($candidates, $analysis->ground), $cleared, $analysis->finds());
    }

    /** @param array<string, float> $left */
    private static function standsOut(?Candidate $first, array $left): bool
    {
        return null !== $first && $first->said >= self::STANDS_OUT && \count($first->explains) >= self::RESTS_ON
            && ([] === $left || max($left) < self::LEFT);
    }

    /**
     * What did most of a complaint. Where it began in one part, it is that part's, whatever was wrong with it.
     *
     * @param list<Candidate> $candidates
     */
    private static function best(array $candidates, string $complaint): ?Candidate
    {
        $best = null;
        foreach ($candidates as $one) {
            if (null === $best || self::did($candidates, $one, $complaint) > self::did($candidates, $best, $complaint)) {
                $best = $one;
            }
        }

        return $best;
    }

    /**
     * How much of a complaint an origin did, or where it is of a part all that may have been wrong with that part.
     *
     * @param list<Candidate> $candidates
     */
    private static function did(array $candidates, Candidate $one, string $complaint): float
    {
        $same = static fn (Candidate $other): bool => $other === $one
            || (null !== $one->origin->part() && $other->origin->part() === $one->origin->part());

        return array_sum(array_map(
            static fn (Candidate $other): float => $other->brought[$complaint] ?? 0.0,
            array_filter($candidates, $same),
        ));
    }

    /**
     * @param array<string, Candidate> $by
     * @param list<Candidate> $candidates
     */
    private static function isSeveral(array $by, array $candidates): bool
    {
        foreach ($by as $id => $one) {
            if (self::did($candidates, $one, $id) < self::OWN) {
                return false;
            }
            foreach ($by as $other) {
                if ($other !== $one && self::did($candidates, $other, $id) >= self::ANOTHERS * self::did($candidates, $one, $id)) {
                    return false;
                }
            }
        }

        return \count(array_unique(array_map(static fn (Candidate $one): string => $one->origin->id(), $by))) > 1;
    }

    /**
     * Of the parts that the complaints hang on, how many were looked at, or read, and found clean.
     *
     * @return array{int, int}
     */
    private static function cleared(Analysis $analysis, Book $book): array
    {
        $parts = [];
        foreach ($analysis->complaints() as $id) {
            $parts += array_fill_keys($book->complaints[explode(':', $id)[1]]->parts ?? [], false);
        }
        foreach ($analysis->ground->seen as $id => $evidence) {
            $part = $analysis->ground->spots[$id]->part();
            if (null !== $part && isset($parts[$part]) && !$evidence->speaksFor()) {
                $parts[$part] = true;
            }
        }

        return [\count(array_filter($parts)), \count($parts)];
    }

    /** @param array{int, int} $cleared */
    private static function isSound(Analysis $analysis, array $cleared): bool
    {
        $isRead = false;
        foreach ($analysis->ground->seen as $id => $evidence) {
            $isDamage = 'damage' === $analysis->ground->spots[$id]->kind && $evidence->ifTrue > self::DAMAGE * $evidence->ifFalse;
            // A reading that does not lie within its limits is not cleared, whatever it is of.
            if ($isDamage || (null !== $evidence->read && LimitVerdict::Within !== $evidence->read)) {
                return false;
            }
            $isRead = $isRead || null !== $evidence->read;
        }

        return $isRead && $cleared[1] > 0 && $cleared[0] >= self::CLEARED * $cleared[1];
    }

    /**
     * The one find without which another would lead: by its weight, the first would then have had a smaller part than the second.
     *
     * @param list<Candidate> $candidates
     */
    private static function hangsOn(array $candidates, Ground $ground): ?string
    {
        [$first, $second] = [$candidates[0] ?? null, $candidates[1] ?? null];
        if (null === $first || null === $second || $first->posterior <= 0.0) {
            return null;
        }
        // The strongest first; a circumstance is no find, nor is what was not found.
        $isFind = static fn (string $id): bool => 'damage' === $ground->spots[$id]->kind
            && true === ($ground->seen[$id] ?? null)?->speaksFor();
        foreach (array_filter($first->for, $isFind, \ARRAY_FILTER_USE_KEY) as $find => $decibans) {
            $odds = null === $decibans ? 0.0 : $first->posterior / max(1e-9, 1.0 - $first->posterior) / 10 ** ($decibans / 10);
            $part = $odds / (1.0 + $odds) * $first->part / $first->posterior;

            return $part < $second->part ? $find : null;
        }

        return null;
    }

    /** @return array<string, float> complaints of which at least half is left to no origin that is known => how much */
    public function unexplained(): array
    {
        return array_filter($this->left, static fn (float $left): bool => $left >= self::LEFT);
    }
}
