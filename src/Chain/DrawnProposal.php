<?php

declare(strict_types=1);

namespace App\Chain;

use App\Chain\Engine\Proposal;

/** A link that the engine proposes, as a faint line. */
final readonly class DrawnProposal
{
    /**
     * @param string $path as SVG has it
     * @param string $mechanism by its name
     */
    public function __construct(public Proposal $proposal, public string $path, public string $mechanism)
    {
    }
}
