<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Damage\FindingKind;

/** What was found on a part, for the watch list. */
final readonly class SeenFinding
{
    /**
     * @param ?string $surface null: the whole part
     */
    public function __construct(public ?string $surface, public FindingKind $kind)
    {
    }
}
