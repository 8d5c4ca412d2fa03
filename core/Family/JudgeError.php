<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What is asked of `japhrex judge` cannot be answered. */
final class JudgeError extends \DomainException
{
    public function __construct(string $message, public readonly string $key)
    {
        parent::__construct($message);
    }
}
