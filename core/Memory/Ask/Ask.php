<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** A question to the cases of a shop: all of its terms have to hold. */
final readonly class Ask
{
    /** @param list<Term> $terms */
    public function __construct(public array $terms)
    {
    }

    public function line(): string
    {
        return implode(' ', array_map(static fn (Term $one): string => $one->typed, $this->terms));
    }

    /** The line without one of its terms. */
    public function without(int $term): string
    {
        return (new self(array_values(array_diff_key($this->terms, [$term => true]))))->line();
    }

    /** The line with a guessed term asked for as plain words. */
    public function asWords(int $term): string
    {
        $lines = array_map(static fn (Term $one): string => $one->typed, $this->terms);
        $lines[$term] = '"'.str_replace('"', '', $lines[$term]).'"';

        return implode(' ', $lines);
    }

    /** Does it look for cases that were taken in by mistake, too? They are found by what is written in them, and by asking for them. */
    public function asksForWithdrawn(): bool
    {
        foreach ($this->terms as $one) {
            if (
                $one->is instanceof Written
                    || ($one->is instanceof Contains && \in_array($one->is->field, [AskField::Number, AskField::Serial], true))
                    || ($one->is instanceof Keyed && AskField::Is === $one->is->field && \in_array('withdrawn', $one->is->keys, true))
            ) {
                return true;
            }
        }

        return false;
    }
}
