<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** A state that the engine knows. */
final readonly class StateWords
{
    /**
     * @param string $told as a customer is told, `{part}` for its part
     * @param string $spread `unit`, one for the whole, or `part`
     */
    public function __construct(public string $name, public string $told, public string $spread)
    {
    }
}
