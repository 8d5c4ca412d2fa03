<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** Damage that was found, and whether a picture shows it. */
final readonly class SeenDamage
{
    /**
     * @param string $place `part/surface`
     * @param bool $shown by a mark in a picture, or no picture can show it
     */
    public function __construct(public string $place, public int $grade, public string $name, public bool $shown)
    {
    }
}
