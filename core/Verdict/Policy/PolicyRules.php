<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** Puts a case to a policy, clause by clause. The judgement informs; whoever signs decides. */
final class PolicyRules
{
    public static function judge(Policy $policy, ClaimFacts $facts): Judgement
    {
        [$edition, $start, $line] = self::inForce($policy, $facts);
        if (null === $edition || null === $start) {
            return new Judgement($policy, $edition, [$line]);
        }

        return new Judgement($policy, $edition, array_values(array_filter([
            $line,
            self::period($edition, $start, $facts),
            self::reading('hours', $edition->hours, $facts->hours, 'h'),
            self::reading('distance', $edition->distance, $facts->distance, 'km'),
            self::cause($edition, $facts),
            self::notice($edition, $facts),
            ...array_map(static fn (Proof $proof): ClauseLine => self::proof($proof, $facts), $edition->proofs),
        ])));
    }

    /**
     * @return array{Edition|null, \DateTimeImmutable|null, ClauseLine} the edition, the day from which it runs, what is said of both
     */
    private static function inForce(Policy $policy, ClaimFacts $facts): array
    {
        $open = [];
        foreach ($policy->editions as $edition) {
            $start = $edition->fromFitting ? $facts->fitted : $facts->delivered;
            if (null === $start) {
                $open[] = $edition->fromFitting ? 'when it was fitted' : 'when it was delivered';
            } elseif ($edition->isInForce($start)) {
                return [
                    $edition,
                    $start,
                    new ClauseLine(
                        'in force',
                        Standing::Covered,
                        \sprintf('%s on %s', $edition->fromFitting ? 'fitted' : 'delivered', self::day($start)),
                    ),
                ];
            }
        }

        return [null, null, [] === $open
            ? new ClauseLine('in force', Standing::NotCovered, 'no edition of this policy was in force then')
            : new ClauseLine('in force', Standing::Open, implode(' and ', array_unique($open)))];
    }

    private static function period(Edition $edition, \DateTimeImmutable $start, ClaimFacts $facts): ?ClauseLine
    {
        $last = $edition->lastDay($start);
        if (null === $last) {
            return null;
        }
        $clause = \sprintf('%d months from %s', $edition->months, $edition->fromFitting ? 'fitting' : 'delivery');
        if (null === $facts->failed) {
            return new ClauseLine($clause, Standing::Open, 'the day on which it failed');
        }
        if ($facts->failed < $start) {
            return new ClauseLine(
                $clause,
                Standing::Open,
                \sprintf('it failed on %s, before %s: one of the two days is wrong', self::day($facts->failed), self::day($start)),
            );
        }

        return new ClauseLine(
            $clause,
            $facts->failed <= $last ? Standing::Covered : Standing::NotCovered,
            \sprintf('failed on %s, the period ends on %s', self::day($facts->failed), self::day($last)),
        );
    }

    private static function reading(string $what, ?float $limit, ?float $read, string $unit): ?ClauseLine
    {
        if (null === $limit) {
            return null;
        }
        $clause = \sprintf('up to %s %s', self::number($limit), $unit);

        return null === $read
            ? new ClauseLine($clause, Standing::Open, \sprintf('the %s until it failed', $what))
            : new ClauseLine(
                $clause,
                $read <= $limit ? Standing::Covered : Standing::NotCovered,
                \sprintf('%s %s until it failed', self::number($read), $unit),
            );
    }

    private static function cause(Edition $edition, ClaimFacts $facts): ClauseLine
    {
        $clause = [] === $edition->excludes
            ? 'any cause'
            : 'not for '.implode(', ', array_map(static fn ($kind): string => lcfirst($kind->label()), $edition->excludes));
        if ($facts->causeNotFound) {
            return new ClauseLine(
                $clause,
                [] === $edition->excludes ? Standing::Covered : Standing::Open,
                'the cause was not found, so that none is excluded by it and none is proved',
            );
        }
        if (null === $facts->origin) {
            return new ClauseLine($clause, [] === $edition->excludes ? Standing::Covered : Standing::Open, 'the origin of the failure');
        }

        return new ClauseLine(
            $clause,
            \in_array($facts->origin, $edition->excludes, true) ? Standing::NotCovered : Standing::Covered,
            'origin: '.lcfirst($facts->origin->label()),
        );
    }

    private static function notice(Edition $edition, ClaimFacts $facts): ?ClauseLine
    {
        if (null === $edition->notice) {
            return null;
        }
        $clause = \sprintf('told within %d days', $edition->notice);
        if (null === $facts->failed || null === $facts->told) {
            $missing = null === $facts->told ? 'the day on which it was told' : 'the day on which it failed';

            return new ClauseLine($clause, Standing::Open, $missing);
        }
        $days = (int) $facts->failed->diff($facts->told)->format('%r%a');

        return new ClauseLine(
            $clause,
            $days <= $edition->notice ? Standing::Covered : Standing::NotCovered,
            \sprintf('told on %s, %d %s after it failed', self::day($facts->told), $days, 1 === $days ? 'day' : 'days'),
        );
    }

    private static function proof(Proof $proof, ClaimFacts $facts): ClauseLine
    {
        return match ($facts->proofs[$proof->value] ?? null) {
            true => new ClauseLine($proof->label(), Standing::Covered, 'there', $proof),
            false => new ClauseLine($proof->label(), Standing::NotCovered, 'not there', $proof),
            null => new ClauseLine($proof->label(), Standing::Open, $proof->label(), $proof),
        };
    }

    private static function day(\DateTimeImmutable $day): string
    {
        return $day->format('j M Y');
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
