<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** What was really used, beside what the plan wanted. */
final readonly class KitState
{
    /**
     * @param list<string> $open parts not ticked yet
     * @param list<string> $unplanned used though nobody planned it
     * @param list<string> $left left over though it was planned
     */
    public function __construct(public array $open, public array $unplanned, public array $left)
    {
    }
}
