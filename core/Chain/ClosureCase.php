<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

use Japhrex\Core\Teardown\Shortage;

/** What a closure check has to know of the case besides its chain. */
final readonly class ClosureCase
{
    /**
     * @param array<string, string> $complaints id of each complaint taken in => its name
     * @param array<string, string> $complaintNode id of a complaint => id of the node that stands for it
     * @param list<OpenFinding> $findings all findings of damage
     * @param list<string> $inChain ids of the findings that some node rests on
     * @param list<string> $notLookedAt names of parts that nobody has looked at
     * @param string|null $earlierOrigin the origin found last time, when this is a comeback
     * @param bool $earlierDealt whether it is said how that one was dealt with
     * @param array<string, string> $shut step => the sub-assembly that is off the unit and not opened
     * @param list<Shortage> $shortages small parts that were not counted out and not searched for yet
     */
    public function __construct(
        public array $complaints,
        public array $complaintNode,
        public array $findings,
        public array $inChain,
        public array $notLookedAt = [],
        public ?string $earlierOrigin = null,
        public bool $earlierDealt = true,
        public array $shut = [],
        public array $shortages = [],
    ) {
    }
}
