<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** A policy that cannot be read, or that does not hold together. */
final class PolicyError extends \DomainException
{
    public function __construct(string $message, public readonly string $path)
    {
        parent::__construct($message);
    }
}
