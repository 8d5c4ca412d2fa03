<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A set of parts that is bought as one, and what one might think is in it and is not. */
final readonly class Kit
{
    /**
     * @param list<string> $parts keys
     * @param list<string> $without keys of parts that go with the work but are not in it
     * @param array<string, int> $pieces part => how many of it lie in the kit; empty: the book does not count them
     * @param list<string> $forOthers what lies in it for other units and is left over on purpose
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $parts,
        public array $without,
        public array $pieces = [],
        public array $forOthers = [],
    ) {
    }
}
