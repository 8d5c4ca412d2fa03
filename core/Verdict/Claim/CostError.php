<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

/** A cost that cannot be claimed. */
final class CostError extends \DomainException
{
    public static function amount(string $cover, string $why): self
    {
        return new self(\sprintf('%s: %s', $cover, $why));
    }

    public static function belowNothing(string $cover): self
    {
        return new self(\sprintf('%s: a cost is not below nothing.', $cover));
    }

    public static function none(): self
    {
        return new self('Give at least one cost, such as parts 640.00 EUR.');
    }
}
