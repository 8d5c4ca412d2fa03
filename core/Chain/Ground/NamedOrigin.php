<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\OriginKind;

/** An origin as the analyst has it. */
final readonly class NamedOrigin
{
    /**
     * @param ?string $spot id that the engine knows it by
     */
    public function __construct(public ?string $spot, public ?OriginKind $kind, public ?string $place)
    {
    }
}
