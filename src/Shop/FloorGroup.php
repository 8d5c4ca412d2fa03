<?php

declare(strict_types=1);

namespace App\Shop;

use App\Memory\Ask\CaseRow;

/** Cases of the floor that wait for the same thing. */
final readonly class FloorGroup
{
    /**
     * @param string $title what they wait for
     * @param string $line that asks for all of them
     * @param bool $isYours waits for somebody in the role of who looks at it
     * @param int $count how many there are
     * @param list<CaseRow> $cases the newest of them, the newest first
     */
    public function __construct(public string $title, public string $line, public bool $isYours, public int $count, public array $cases)
    {
    }

    /** So many are not shown. */
    public function more(): int
    {
        return $this->count - \count($this->cases);
    }
}
