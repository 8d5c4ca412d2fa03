<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Something wrong with a book, and where in it. */
final readonly class BookProblem
{
    public function __construct(public string $path, public string $message)
    {
    }
}
