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
