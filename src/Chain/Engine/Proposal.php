<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use Japhrex\Core\Chain\Ground\Tie;

/** A link that the engine proposes and nobody has taken or refused yet. */
final readonly class Proposal
{
    /**
     * @param string $from id of the node that is there, or the key of the condition that would come with it
     * @param string $to likewise
     */
    public function __construct(
        public Tie $tie,
        public string $from,
        public string $to,
        public string $fromName,
        public string $toName,
        public string $fromKind,
        public string $toKind,
    ) {
    }
}
