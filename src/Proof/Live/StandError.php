<?php

declare(strict_types=1);

namespace App\Proof\Live;

/** What was typed of a test stand does not hold; nothing is kept. */
final class StandError extends \DomainException
{
    /** @param array<string, string> $fields what is wrong, by `name` or channel */
    public function __construct(public readonly array $fields)
    {
        parent::__construct(implode(' ', $fields));
    }
}
