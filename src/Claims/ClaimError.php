<?php

declare(strict_types=1);

namespace App\Claims;

/** A step of a claim that cannot be taken yet. The message says what comes first. */
final class ClaimError extends \DomainException
{
    public static function noStep(): self
    {
        return new self('What happened? Choose one of the steps.');
    }

    public static function noDay(): self
    {
        return new self('On which day? Such as 2026-03-01.');
    }

    public static function noEdition(): self
    {
        return new self(
            'It is not known which edition of the policy is in force: say on the warranty page when the unit was delivered or fitted.'
        );
    }

    public static function refused(string $says): self
    {
        return new self($says);
    }

    public static function papersBehind(bool $made): self
    {
        return new self($made
            ? 'The papers are older than the claim, or not made yet. Make them again: what is sent has to be what is kept.'
            : 'Make the papers first: what is sent has to be what is kept.');
    }
}
