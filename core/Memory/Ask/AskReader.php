<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** Reads a line such as `gear-pump block scored>=3 customer:"cable ferry" 2025..` by the words of the books. */
final readonly class AskReader
{
    /** So many words and conditions are asked at once; each is looked for in every case. */
    public const MOST = 24;

    /** So many bare words may be one name of the books. */
    private const LONGEST = 3;

    /** Kinds that a bare word is tried for, in this order. */
    private const BARE = [WordKind::Family, WordKind::Part, WordKind::Mode, WordKind::Surface, WordKind::Complaint, WordKind::Origin];

    private const FIND = [
        'part' => WordKind::Part, 'surface' => WordKind::Surface, 'damage' => WordKind::Mode,
    ];

    private AskValues $values;

    public function __construct(private AskWords $words, \DateTimeImmutable $today, AskMeasures $measures)
    {
        $this->values = new AskValues($words, $today, $measures);
    }

    /** @throws AskError saying where the line cannot be read, or which of its terms contradict each other */
    public function read(string $line): Ask
    {
        $tokens = AskToken::all($line);
        if (\count($tokens) > self::MOST) {
            throw AskError::tooMany($tokens[self::MOST], self::MOST);
        }
        [$terms, $run] = [[], new FindRun($this->words)];
        for ($i = 0; $i < \count($tokens);) {
            [$token, $kind, $keys, $used] = $this->meant($tokens, $i, $run);
            $i += $used;
            if (null !== $kind) {
                if (!$run->takes($kind, $token, $keys)) {
                    $terms = [...$terms, ...self::ended($run)];
                    $run = new FindRun($this->words);
                    $run->add($kind, $token, $keys);
                }
                continue;
            }
            if ('grade' === $token->name && $run->takesGrade($token)) {
                continue;
            }
            $terms = [...$terms, ...self::ended($run), $this->values->term($token)];
            $run = new FindRun($this->words);
        }
        $terms = [...$terms, ...self::ended($run)];
        self::mustAgree($terms);

        return new Ask($terms);
    }

    /** @return list<Term> */
    private static function ended(FindRun $run): array
    {
        return $run->isEmpty() ? [] : [$run->term()];
    }

    /**
     * What a word means: with a kind it tells of a find.
     *
     * @param list<AskToken> $tokens
     *
     * @return array{AskToken, WordKind|null, list<string>, int} the word, the kind of thing of a find that it names, its keys, words taken
     */
    private function meant(array $tokens, int $i, FindRun $run): array
    {
        $token = $tokens[$i];
        $kind = self::FIND[$token->name] ?? null;
        if (null !== $kind && !$token->compares()) {
            return [$token, $kind, $this->values->keys($token, $kind), 1];
        }
        if ('' !== $token->name && null === AskField::tryFrom($token->name) && ($token->compares() || '=' === $token->sign)) {
            // "scored>=3", "block>=3"
            foreach ([WordKind::Mode, WordKind::Part] as $of) {
                $keys = $this->words->keys($of, $token->name);
                if ([] !== $keys && 1 === preg_match('/^\d$/', $token->value)) {
                    return [$token, $of, $keys, 1];
                }
            }
        }
        if ($token->isBare() && !str_contains($token->value, '..')) {
            for ($long = self::LONGEST; $long >= 1; --$long) {
                $joined = self::joined(\array_slice($tokens, $i, $long), $long);
                if (null === $joined) {
                    continue;
                }
                foreach (self::BARE as $of) {
                    $keys = $this->words->keys($of, $joined->value);
                    // A face is told beside a part or a damage alone: "bore" by itself is a word.
                    if ([] !== $keys && (WordKind::Surface !== $of || !$run->isEmpty())) {
                        return \in_array($of, self::FIND, true)
                            ? [$joined, $of, $keys, $long]
                            : [$joined->by($of->value), null, [], $long];
                    }
                }
            }
        }

        return [$token, null, [], 1];
    }

    /** @param list<AskToken> $tokens */
    private static function joined(array $tokens, int $long): ?AskToken
    {
        foreach ($tokens as $i => $one) {
            if (!$one->isBare() || '' === $one->value || ($i > 0 && $one->not)) {
                return null;
            }
        }

        return [] === $tokens || \count($tokens) < $long ? null : AskToken::join($tokens);
    }

    /**
     * @param list<Term> $terms
     *
     * @throws AskError if two of them leave nothing
     */
    private static function mustAgree(array $terms): void
    {
        foreach ($terms as $i => $one) {
            foreach (\array_slice($terms, 0, $i) as $before) {
                if (self::areApart($before, $one)) {
                    throw AskError::contradict($before, $one);
                }
            }
        }
    }

    private static function areApart(Term $one, Term $other): bool
    {
        if ($one->not !== $other->not) {
            return $one->is == $other->is;
        }
        if ($one->not) {
            return false;
        }
        [$a, $b] = [$one->is, $other->is];

        return match (true) {
            $a instanceof Keyed && $b instanceof Keyed && $a->field === $b->field => ($a->field->isSingle()
                && [] === array_intersect($a->keys, $b->keys))
                || [['open'], ['closed']] === [$a->keys, $b->keys] || [['closed'], ['open']] === [$a->keys, $b->keys],
            $a instanceof Between && $b instanceof Between && $a->field === $b->field => $a->isApartFrom($b),
            default => false,
        };
    }
}
