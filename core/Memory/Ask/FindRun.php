<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** Words that stand beside each other and tell one find: "block bore scored>=3". A second part or damage begins the next find. */
final class FindRun
{
    /** @var array<string, list<string>> value of a WordKind => keys */
    private array $keys = [];

    /** @var list<AskToken> */
    private array $tokens = [];

    private int $from = 1;
    private int $to = 4;
    private bool $isGraded = false;

    public function __construct(private readonly AskWords $words)
    {
    }

    /** @param list<string> $keys */
    public function takes(WordKind $kind, AskToken $token, array $keys): bool
    {
        if (isset($this->keys[$kind->value]) || ($token->tellsGrade() && $this->isGraded) || $token->not || $this->isTurned()) {
            return false;
        }
        $this->add($kind, $token, $keys);

        return true;
    }

    /** @param list<string> $keys */
    public function add(WordKind $kind, AskToken $token, array $keys): void
    {
        $this->keys[$kind->value] = $keys;
        $this->tokens[] = $token;
        $token->tellsGrade() && $this->grade($token);
    }

    /** Takes a grade that stands by itself. */
    public function takesGrade(AskToken $token): bool
    {
        if ($this->isGraded || $token->not || $this->isTurned()) {
            return false;
        }
        $this->tokens[] = $token;
        $this->grade($token);

        return true;
    }

    public function isEmpty(): bool
    {
        return [] === $this->tokens;
    }

    public function term(): Term
    {
        $first = $this->tokens[0];
        if (0 === $this->to && [WordKind::Part->value] !== array_keys($this->keys)) {
            throw AskError::expected($first, 'damage of grade 0 is none; clean:strainer asks for a part that was looked at and is clean.');
        }
        if ($this->isOnlyAWord($first)) {
            return new Term(
                new Written([], [$first->value, ...array_diff($this->words->synonyms($first->value), [mb_strtolower($first->value)])]),
                $first->typed, $first->at, \sprintf('“%s” is written somewhere', $first->value), $first->not,
            );
        }
        $found = new Found(
            $this->keys[WordKind::Part->value] ?? [], $this->keys[WordKind::Surface->value] ?? [], $this->keys[WordKind::Mode->value] ?? [],
            $this->from, $this->to,
        );

        return new Term(
            $found, implode(' ', array_map(static fn (AskToken $one): string => $one->typed, $this->tokens)), $first->at,
            $this->says($found), $first->not, [] === array_filter($this->tokens, static fn (AskToken $one): bool => !$one->isBare()),
        );
    }

    /** A part that stands alone, as people say it, is a word: "ice pump" asks for no damaged pump. Its key asks for a find. */
    private function isOnlyAWord(AskToken $first): bool
    {
        return [WordKind::Part->value] === array_keys($this->keys) && 1 === \count($this->tokens) && $first->isBare()
            && !$this->isGraded && !str_contains($first->value, '-');
    }

    private function isTurned(): bool
    {
        return [] !== $this->tokens && $this->tokens[0]->not;
    }

    /** @throws AskError */
    private function grade(AskToken $token): void
    {
        if (1 !== preg_match('/^[0-4]$/', $token->value)) {
            throw AskError::expected($token, 'a grade is 0 (none), 1, 2, 3 or 4 (destroyed).');
        }
        [$grade, $this->isGraded] = [(int) $token->value, true];
        [$this->from, $this->to] = match ($token->sign) {
            '>=' => [$grade, 4], '>' => [$grade + 1, 4], '<=' => [1, $grade], '<' => [1, $grade - 1], default => [$grade, $grade],
        };
        if ($this->from > $this->to) {
            throw AskError::expected($token, 'no grade of damage is there; they go from 1 to 4.');
        }
    }

    private function says(Found $found): string
    {
        $names = fn (WordKind $kind): string => self::any(array_map(
            fn (string $key): string => lcfirst($this->words->name($kind, $key)),
            $this->keys[$kind->value] ?? [],
        ));
        $where = trim($names(WordKind::Part).('' === $names(WordKind::Surface) ? '' : ', '.$names(WordKind::Surface)), ' ,');
        $grade = match (true) {
            1 === $found->from && 4 === $found->to => '',
            $found->from === $found->to => 'grade '.$found->from,
            4 === $found->to => 'grade '.$found->from.' or more',
            default => \sprintf('grade %d to %d', $found->from, $found->to),
        };

        if (0 === $found->to) {
            return $where.' looked at and clean';
        }

        return implode(': ', array_filter([$where, implode(', ', array_filter([$names(WordKind::Mode) ?: 'damaged', $grade]))]));
    }

    /** @param list<string> $names */
    private static function any(array $names): string
    {
        $names = array_values(array_unique($names));

        return \count($names) > 3
            ? \sprintf('%s or %d others', implode(', ', \array_slice($names, 0, 2)), \count($names) - 2)
            : implode(' or ', $names);
    }
}
