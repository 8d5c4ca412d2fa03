<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** A table over a few two-valued variables; bit j of an entry's index is the state of the j-th of them. */
final readonly class Factor
{
    /**
     * @param list<int> $scope variables
     * @param array<int, float> $table 2^scope entries; may be negative where a helper of a noisy-OR stands in it
     * @param int|null $of the node whose evidence it holds
     */
    public function __construct(public array $scope, public array $table, public ?int $of = null)
    {
    }
}
