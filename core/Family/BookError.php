<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A book that cannot be read; `path` names the place in it, such as `parts/body/surfaces/gear-bore`. */
final class BookError extends \DomainException
{
    public function __construct(string $message, public readonly string $path)
    {
        parent::__construct('' === $path ? $message : $path.': '.$message);
    }
}
