<?php

declare(strict_types=1);

namespace App\Platform;

/** Something that cannot be done as asked; the message is for the person who asked. */
final class ShopError extends \RuntimeException
{
    public function __construct(string $message, public readonly int $status = 422, ?\Throwable $previous = null)
    {
        parent::__construct($message, 0, $previous);
    }
}
