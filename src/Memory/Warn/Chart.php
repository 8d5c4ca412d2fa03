<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use Japhrex\Core\Memory\Warning\MoreOften;

/** What is counted of a group, and how often it was lately and before. */
final readonly class Chart
{
    /**
     * @param string $by what the group is of, such as `model`
     * @param string $what `origin`, `part` or `reading`, and `thing` which
     */
    public function __construct(
        public string $family,
        public string $by,
        public string $value,
        public string $what,
        public string $thing,
        public MoreOften $count,
    ) {
    }
}
