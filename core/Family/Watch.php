<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A known weak place of a type, to be looked at in every case. */
final readonly class Watch
{
    /**
     * @param string $place part, or `part/surface`
     * @param string $what what fails there
     * @param string $tell how it shows, and where to look
     * @param list<string> $shared families (keys of books) that have the same weak place
     * @param string|null $mode damage mode that a look records where it is there; null: it is told on the page of its part
     */
    public function __construct(
        public string $key,
        public string $place,
        public string $what,
        public string $tell,
        public array $shared,
        public ?string $mode = null,
    ) {
    }
}
