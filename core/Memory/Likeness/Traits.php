<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Likeness;

/** What a case is compared by. */
final readonly class Traits
{
    public const CLEAN = 'clean:';
    public const FIND = 'find:';

    /** @param array<string, float> $weights trait => how much of it there is, above 0 */
    public function __construct(public array $weights)
    {
    }

    /** @return list<string> finds of this one on parts that the other was looked at for and found clean */
    public function refutedBy(self $other): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->weights)),
            static fn (string $trait): bool => 1 === preg_match('/^find:([^:]+):/', $trait,
                $m) && isset($other->weights[self::CLEAN.$m[1]]),
        ));
    }
}
