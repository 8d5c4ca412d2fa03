<?php

declare(strict_types=1);

namespace App\Shop;

use App\Intake\CaseFile;

/** Cases of the floor that wait for the same thing. */
final readonly class FloorGroup
{
    /**
     * @param string $title what they wait for
     * @param bool $isYours waits for somebody in the role of who looks at it
     * @param non-empty-list<CaseFile> $cases the newest first
     */
    public function __construct(public string $title, public bool $isYours, public array $cases)
    {
    }
}
