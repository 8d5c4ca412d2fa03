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
        $refuted = [];
        foreach ($this->weights as $trait => $_) {
            $trait = (string) $trait;
            if (str_starts_with($trait, self::FIND) && isset($other->weights[self::CLEAN.explode(':', $trait)[1]])) {
                $refuted[] = $trait;
            }
        }

        return $refuted;
    }
}
