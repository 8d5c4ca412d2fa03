<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

/** How the units of a family are told apart where the plate does not say, or is not believed. */
final readonly class Identity
{
    /**
     * @param array<string, Feature> $features by key
     * @param array<string, Choice> $choices what else tells them apart and changes what is inside: control, shaft end
     */
    public function __construct(public array $features = [], public array $choices = [], public ?Displacement $displacement = null)
    {
    }
}
