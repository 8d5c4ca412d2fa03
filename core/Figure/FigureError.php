<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** An input that cannot be computed with; names the key at fault. */
final class FigureError extends \DomainException
{
    public function __construct(string $message, public readonly ?string $key)
    {
        parent::__construct($message);
    }
}
