<?php

declare(strict_types=1);

namespace App\Books;

/** What is wrong in a text that somebody wrote. */
final readonly class TextFault
{
    /**
     * @param int $line 1 is the first
     * @param string $message says what would be right
     */
    public function __construct(public int $line, public string $message)
    {
    }
}
