<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** What the findings weigh for one origin, in decibans. */
final readonly class Weighed
{
    /**
     * @param array<int, float|null> $for finding => above 0; null: infinite or undefined
     * @param array<int, float|null> $against finding => above 0; null: infinite or undefined
     */
    public function __construct(public array $for = [], public array $against = [])
    {
    }
}
