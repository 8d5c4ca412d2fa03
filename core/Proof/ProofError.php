<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** A step of the proof or a handover that is not complete. The message says what is missing. */
final class ProofError extends \DomainException
{
    public static function refused(string $says): self
    {
        return new self($says);
    }

    public static function nothingToldToUser(): self
    {
        return new self('Say what the user is to check and when, and when to stop at once.');
    }

    public static function stepsOpen(int $open): self
    {
        return new self(\sprintf('%d steps of the proof are not passed. Pass them, or say why the unit goes out without.', $open));
    }

    public static function reading(string $what, string $why): self
    {
        return new self(\sprintf('%s: %s', $what, $why));
    }

    public static function noDisplacement(): self
    {
        return new self('The displacement of the unit is not known: enter it at the intake, or measure it.');
    }

    public static function noSpeed(): self
    {
        return new self('At which speed? Such as 1500 rpm.');
    }

    public static function watchDay(): self
    {
        return new self('On which day does somebody ask how it runs? Such as 2026-03-01.');
    }

    public static function noSuchStep(): self
    {
        return new self('There is no such step in the proof of this family.');
    }

    public static function notAnswered(): self
    {
        return new self('How does it run? Tick one.');
    }

    public static function nothingRemarked(): self
    {
        return new self('What is it: a leak, a noise, something else? A few words are enough.');
    }

    public static function nameless(): self
    {
        return new self('Your name, so that we can ring you.');
    }
}
