<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** What a figure says of itself; command line, screen and docs are made from it. */
final readonly class Card
{
    /**
     * @param string $question what somebody wants to know who asks for it
     * @param list<Key> $keys in the order in which they are asked for
     * @param array<string, string> $results name of the result => what it is and in which unit
     * @param array<string, string> $example inputs as somebody would type them
     * @param int $version of the formula; raised whenever the same inputs would give other results
     */
    public function __construct(
        public string $name,
        public Group $group,
        public string $question,
        public array $keys,
        public array $results,
        public string $formula,
        public string $source,
        public array $example,
        public int $version = 1,
    ) {
    }

    public function key(string $name): ?Key
    {
        foreach ($this->keys as $key) {
            if ($key->name === $name) {
                return $key;
            }
        }

        return null;
    }
}
