<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** How an answer was sampled, and how far it can be off by chance. */
final readonly class Sampled
{
    /**
     * @param float $effective samples of equal weight that would tell as much
     * @param array<int, float> $errors node => standard error of its chance
     */
    public function __construct(public int $samples, public float $effective, public int $seed, public array $errors)
    {
    }
}
