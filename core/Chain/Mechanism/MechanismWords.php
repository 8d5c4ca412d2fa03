<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** What is read of a mechanism where a chain is shown, without the rules by which it is grounded. */
final readonly class MechanismWords
{
    /** @param string $tells what it looks like when it came this way */
    public function __construct(public string $name, public string $tells)
    {
    }
}
