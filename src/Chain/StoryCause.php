<?php

declare(strict_types=1);

namespace App\Chain;

/** What brought a step of the story about. */
final readonly class StoryCause
{
    /**
     * @param string $from name of the node before it
     * @param string $how name of the mechanism
     * @param string $why in the analyst's words; may be empty
     */
    public function __construct(public string $from, public string $how, public string $why)
    {
    }
}
