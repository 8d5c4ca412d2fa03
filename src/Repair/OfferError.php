<?php

declare(strict_types=1);

namespace App\Repair;

/** An offer that cannot be made or answered. Written for the customer who reads it. */
final class OfferError extends \DomainException
{
    public static function noQuestion(): self
    {
        return new self('There is no such question.');
    }

    public static function noSuchDay(\DateTimeImmutable $latest): self
    {
        return new self(\sprintf('Until when does the link hold? A day from today to %s.', $latest->format('j M Y')));
    }

    public static function noStory(): self
    {
        return new self('Tell the customer what failed and why, in plain words.');
    }

    /** @param list<string> $parts in words */
    public static function unpriced(array $parts): self
    {
        return new self(
            \sprintf(
                'Without a price are: %s. The customer is told so before choosing; tick that you send it all the same, or '
                    .'give prices first.',
                implode(', ', $parts),
            )
        );
    }

    public static function nothingToOffer(): self
    {
        return new self('There is nothing to offer yet. Work out at least one option.');
    }

    public static function isAnswered(): self
    {
        return new self('This offer is answered already. Call the workshop if it has to be changed.');
    }

    public static function noChoice(): self
    {
        return new self('Choose one of the options, or say that you want none of them.');
    }

    public static function noName(): self
    {
        return new self('Write your name: it stands under what you choose.');
    }

    public static function questionDone(bool $isEmpty): self
    {
        return new self($isEmpty ? 'Write an answer first.' : 'This question is answered already.');
    }
}
