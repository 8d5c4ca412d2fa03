<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Measuring\Size;

/** A size worked out from readings, or why it cannot be. */
final readonly class Derived
{
    /**
     * @param Size|null $size null while something is missing or wrong
     * @param array<string, string> $typed what the figure was asked
     * @param list<Known> $from what it was worked out from
     * @param list<string> $missing references that are not known yet
     */
    public function __construct(public Fill $fill, public ?Size $size, public array $typed, public array $from, public array $missing, public string $wrong = '')
    {
    }
}
