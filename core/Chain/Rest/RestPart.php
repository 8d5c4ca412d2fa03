<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Rest;

/** What is known of a part when the rest of a unit is called clean. */
final readonly class RestPart
{
    /**
     * @param bool $isOff does it lie on the bench?
     * @param bool $isSeen has somebody said something of it already: a find, a look, a decision?
     * @param bool $isPhotographed is there a picture of it, or of what came off with it?
     * @param int $toRead readings that the book wants and nobody has taken, or that are not judged yet
     * @param bool $isOutside does a reading of it lie outside a limit, or too near to tell?
     * @param list<string> $asks what else asks for a look of its own, in words: "a known weak place", "accepted for one more run last time"
     */
    public function __construct(
        public string $key,
        public bool $isOff,
        public bool $isSeen,
        public bool $isPhotographed,
        public int $toRead = 0,
        public bool $isOutside = false,
        public array $asks = [],
    ) {
    }
}
