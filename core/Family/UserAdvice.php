<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What the user of a unit is told when he gets it back, in words for somebody who never saw inside one. */
final readonly class UserAdvice
{
    /**
     * @param list<string> $works how it works, in five sentences
     * @param list<string> $machine what is done at the machine before it runs again
     * @param list<string> $hours the first hours
     * @param list<string> $look what he can look at with a torch and a rag
     * @param list<string> $stop when to stop at once
     */
    public function __construct(
        public array $works,
        public array $machine,
        public array $hours,
        public array $look,
        public array $stop,
    ) {
    }
}
