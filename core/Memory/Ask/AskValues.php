<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Reads what follows a field. */
final readonly class AskValues
{
    public function __construct(private AskWords $words, private \DateTimeImmutable $today, private AskMeasures $measures)
    {
    }

    /** @throws AskError */
    public function term(AskToken $token): Term
    {
        if ('' === $token->name) {
            return !$token->isQuoted && str_contains($token->value, '..')
                ? $this->term($token->by(AskField::Taken->value))
                : $this->written($token, [], \sprintf('“%s” is written somewhere', $token->value));
        }
        $field = AskField::tryFrom($token->name);
        if (null === $field) {
            return $this->reading($token, $token->name, [] === $token->values() ? '' : $token->sign.$token->value)
                ?? throw AskError::unknownField($token, array_map(static fn (AskField $one): string => $one->value, AskField::cases()));
        }
        if ([] === $token->values()) {
            throw AskError::nothingAfter($token);
        }
        if ($token->compares() && !$field->isNumber()) {
            throw AskError::cannotCompare($token);
        }

        return match ($field) {
            AskField::Batch => self::of(
                $token, new Contains($field, self::some($token), true), 'had a part of batch '.implode(' or ', $token->values()),
            ),
            AskField::Built => self::of(
                $token, new Contains($field, self::some($token), true), 'built by '.implode(' or ', $token->values()),
            ),
            AskField::BuiltBefore => self::of(
                $token,
                new Contains($field, self::some($token), true),
                'came back to '.implode(' or ', $token->values()).', who had built it',
            ),
            AskField::Gauge => self::of(
                $token, new Contains($field, self::some($token), true), 'read with '.implode(' or ', $token->values()),
            ),
            AskField::Number, AskField::Serial, AskField::Customer, AskField::Model, AskField::Unit, AskField::Holder => self::of(
                $token,
                new Contains($field, self::some($token), '=' === $token->sign),
                \sprintf('%s %s “%s”', self::head($field), '=' === $token->sign ? 'is' : 'has', implode('” or “', $token->values())),
            ),
            AskField::Family => $this->keyed($token, $field, WordKind::Family, ''),
            AskField::Origin => $this->keyed($token, $field, WordKind::Origin, 'it was '),
            AskField::Complaint => $this->keyed($token, $field, WordKind::Complaint, 'complained of '),
            AskField::Clean => $this->clean($token),
            AskField::Grade => self::grade($this->words, $token),
            AskField::Hours, AskField::SinceRepair, AskField::Offered, AskField::Claimed => self::number($token, $field),
            AskField::Taken, AskField::Signed, AskField::Out => $this->days($token, $field),
            AskField::Last => $this->last($token),
            AskField::Reading => $this->readingByName($token),
            AskField::Says => $this->written($token, ['complaint', 'statement'], \sprintf('somebody said “%s”', $token->value)),
            default => self::chosen($token, $field),
        };
    }

    /**
     * @return non-empty-list<string>
     *
     * @throws AskError
     */
    public function keys(AskToken $token, WordKind $kind): array
    {
        $all = [];
        foreach ($token->values() as $word) {
            $keys = $this->words->keys($kind, $word);
            if ([] === $keys) {
                throw AskError::unknownWord($token, $kind->value, $word, $this->words->near($kind, $word));
            }
            array_push($all, ...$keys);
        }

        return [] === $all ? throw AskError::nothingAfter($token) : array_values(array_unique($all));
    }

    private static function of(AskToken $token, Condition $is, string $says): Term
    {
        return new Term($is, $token->typed, $token->at, $says, $token->not, $token->isGuessed);
    }

    /** @param list<string> $sources none: anywhere */
    private function written(AskToken $token, array $sources, string $says): Term
    {
        if ('' === $token->value) {
            throw AskError::expected($token, 'a word has to stand between the quotation marks.');
        }
        $ways = $this->words->synonyms($token->value);

        return self::of($token, new Written($sources, [] === $ways ? [$token->value] : $ways), $says);
    }

    private function keyed(AskToken $token, AskField $field, WordKind $kind, string $before): Term
    {
        $keys = $this->keys($token, $kind);
        $names = array_values(array_unique(array_map(fn (string $key): string => lcfirst($this->words->name($kind, $key)), $keys)));

        return self::of($token, new Keyed($field, $keys), $before.implode(' or ', $names));
    }

    private static function chosen(AskToken $token, AskField $field): Term
    {
        $choices = $field->choices();
        $keys = array_map(mb_strtolower(...), self::some($token));
        foreach ($keys as $key) {
            if (!isset($choices[$key])) {
                $known = implode(', ', array_keys($choices));
                throw AskError::expected($token, \sprintf('after “%s:” stands one of %s.', $field->value, $known));
            }
        }
        $says = implode(' or ', array_map(static fn (string $key): string => $choices[$key], $keys));

        return self::of($token, new Keyed($field, $keys), match ($field) {
            AskField::Who => 'carried by '.$says, AskField::Claim => 'claim: '.$says, AskField::Cure => 'its user says: '.$says,
            AskField::When => 'complained of when '.$says, AskField::Waits => 'waits: '.$says, default => $says,
        });
    }

    private function clean(AskToken $token): Term
    {
        $parts = $this->keys($token, WordKind::Part);
        $names = array_map(fn (string $key): string => lcfirst($this->words->name(WordKind::Part, $key)), $parts);

        return self::of($token, new Found($parts, [], [], 0, 0), implode(' or ', array_unique($names)).' looked at and clean');
    }

    private static function grade(AskWords $words, AskToken $token): Term
    {
        $run = new FindRun($words);
        $run->takesGrade($token);

        return $run->term();
    }

    private static function number(AskToken $token, AskField $field): Term
    {
        $isMoney = \in_array($field, [AskField::Offered, AskField::Claimed], true);
        $number = static function (string $typed) use ($token, $isMoney): ?float {
            if ('' === $typed) {
                return null;
            }
            if (1 !== preg_match('/^(\d{1,9}(?:[.]\d{1,2})?)\s*h?$/', $typed, $m)) {
                throw AskError::expected($token, $isMoney ? 'an amount, as 1500 or 500..2000.' : 'hours, as 1500 or 500..2000.');
            }

            return $isMoney ? round(100 * (float) $m[1]) : (float) $m[1];
        };
        [$from, $to] = str_contains($token->value, '..') && !$token->compares()
            ? explode('..', $token->value, 2)
            : [$token->value, $token->value];
        [$from, $to, $fromIsOut, $toIsOut] = match ($token->sign) {
            '>=' => [$number($from), null, false, false], '>' => [$number($from), null, true, false],
            '<=' => [null, $number($to), false, false], '<' => [null, $number($to), false, true],
            default => [$number($from), $number($to), false, false],
        };
        if (null === $from && null === $to) {
            throw AskError::expected($token, 'a number has to stand before or after the dots.');
        }
        if (null !== $from && null !== $to && $from > $to) {
            throw AskError::reversed($token);
        }
        $head = self::head($field);
        $as = static fn (float $one): string => number_format($isMoney ? $one / 100 : $one, 0, '.', '').($isMoney ? '' : ' h');
        $says = match (true) {
            null === $to => \sprintf('%s %s %s', $head, $fromIsOut ? 'more than' : 'at least', $as($from)),
            null === $from => \sprintf('%s %s %s', $head, $toIsOut ? 'less than' : 'at most', $as($to)),
            $from === $to => \sprintf('%s %s', $head, $as($from)),
            default => \sprintf('%s %s to %s', $head, $as($from), $as($to)),
        };

        return self::of($token, new Between($field, $from, $to, $fromIsOut, $toIsOut), $says);
    }

    private function days(AskToken $token, AskField $field): Term
    {
        [$first, $last] = str_contains($token->value, '..') ? explode('..', $token->value, 2) : [$token->value, $token->value];
        [$from, $to] = ['' === $first ? null : self::day($token, $first)[0], '' === $last ? null : self::day($token, $last)[1]];
        if (null === $from && null === $to) {
            throw AskError::expected($token, 'a day, month or year has to stand before or after the dots.');
        }
        if (null !== $from && null !== $to && $from >= $to) {
            throw AskError::reversed($token);
        }
        $says = match (true) {
            null === $to => 'since '.$first, null === $from => 'until '.$last, $first === $last => 'in '.$first,
            default => \sprintf('%s to %s', $first, $last),
        };

        return self::of($token, new Between($field, $from, $to, false, true), self::head($field).' '.$says);
    }

    /** @return array{string, string} its first day, and the day after its last */
    private static function day(AskToken $token, string $typed): array
    {
        $isDay = 1 === preg_match('/^(\d{4})(?:-(\d{1,2})(?:-(\d{1,2}))?)?$/', $typed, $m);
        if ($isDay && checkdate((int) ($m[2] ?? 1), (int) ($m[3] ?? 1), (int) $m[1])) {
            $first = new \DateTimeImmutable(\sprintf('%04d-%02d-%02d', $m[1], $m[2] ?? 1, $m[3] ?? 1), new \DateTimeZone('UTC'));
            $after = $first->modify(match (\count($m)) {
                2 => '+1 year', 3 => '+1 month', default => '+1 day',
            });

            return [$first->format('Y-m-d'), $after->format('Y-m-d')];
        }
        throw AskError::expected($token, 'a year, a month or a day, as 2025, 2025-03 or 2025-03-14; two of them with dots between.');
    }

    private function last(AskToken $token): Term
    {
        if (1 !== preg_match('/^(\d{0,4})\s*(day|week|month|year)s?$/', mb_strtolower($token->value), $m)) {
            throw AskError::expected($token, 'year, month, week, or as 90days, 6months, 3years.');
        }
        $many = '' === $m[1] ? 1 : (int) $m[1];
        $from = $this->today->modify(\sprintf('-%d %s', $many, $m[2]))->format('Y-m-d');

        return self::of(
            $token, new Between(AskField::Taken, $from, null),
            \sprintf('taken in within the last %s', 1 === $many ? $m[2] : $many.' '.$m[2].'s'),
        );
    }

    private function readingByName(AskToken $token): Term
    {
        preg_match('/^([^<>=:]+)(.*)$/', $token->value, $m);

        return $this->reading($token, trim($m[1] ?? ''), $m[2] ?? '')
            ?? throw AskError::unknownWord($token, 'reading', $m[1] ?? '', $this->words->near(WordKind::Reading, $m[1] ?? ''));
    }

    /** @param string $rest sign and value, as `=outside` or `>0.12 mm`; empty: it was taken */
    private function reading(AskToken $token, string $name, string $rest): ?Term
    {
        $keys = $this->words->keys(WordKind::Reading, $name);
        if ([] === $keys && 'any' !== $name) {
            return null;
        }
        $called = [] === $keys ? 'a reading' : lcfirst($this->words->name(WordKind::Reading, $keys[0]));
        $value = ltrim($rest, '=:');
        $verdict = LimitVerdict::tryFrom(mb_strtolower($value));
        if ('' === $value || null !== $verdict) {
            $says = null === $verdict ? $called.' was measured' : \sprintf('%s: %s', $called, match ($verdict) {
                LimitVerdict::Within => 'within its limit', LimitVerdict::Outside => 'outside its limit',
                LimitVerdict::Undecided => 'too near its limit to say', LimitVerdict::Open => 'no limit known',
            });

            return self::of($token, new Read($keys, $verdict?->value), $says);
        }
        if ([] === $keys || 1 !== preg_match('/^(>=|<=|>|<)\s*(.+)$/', $rest, $m)) {
            throw AskError::expected($token, 'within, outside, undecided, open, or a size, as >0.12mm.');
        }
        try {
            $size = Quantity::parse($m[2], $this->measures->dimensions[$keys[0]])->si;
        } catch (QuantityError $error) {
            throw AskError::expected($token, lcfirst($error->getMessage()));
        }
        $isFrom = '>' === $m[1][0];

        return self::of(
            $token,
            new Read($keys, null, $isFrom ? $size : null, $isFrom ? null : $size, '>' === $m[1], '<' === $m[1]),
            \sprintf('%s %s %s', $called, strtr($m[1], ['>=' => 'at least', '<=' => 'at most', '>' => 'above', '<' => 'below']), $m[2]),
        );
    }

    /** @return non-empty-list<string> */
    private static function some(AskToken $token): array
    {
        $values = $token->values();

        return [] === $values ? throw AskError::nothingAfter($token) : $values;
    }

    private static function head(AskField $field): string
    {
        return match ($field) {
            AskField::Hours => 'ran', AskField::SinceRepair => 'ran since the repair', AskField::Taken => 'taken in',
            AskField::Signed => 'signed',
            AskField::Out => 'went out', AskField::Offered => 'offered for', AskField::Claimed => 'claimed',
            AskField::Holder => 'who has it',
            default => $field->value,
        };
    }
}
