<?php

declare(strict_types=1);

namespace App\Books;

/** The books that a shop wrote itself; they are kept apart from the shipped ones and survive their updates. */
interface OwnBooks
{
    /** @return list<string> */
    public function keys(): array;

    /** @return array<mixed>|null */
    public function content(string $key): ?array;

    /** The file as it was typed, with its remarks. */
    public function text(string $key): ?string;
}
