<?php

declare(strict_types=1);

namespace App\Books;

/** What a shop calls parts itself. */
interface PreferredWords
{
    /** @return array<string, string> part => the shop's word */
    public function preferred(string $family): array;
}
