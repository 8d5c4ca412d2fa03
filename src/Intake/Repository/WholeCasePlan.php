<?php

declare(strict_types=1);

namespace App\Intake\Repository;

/** The question by which a case is read whole, and what its answer is made into. */
final readonly class WholeCasePlan
{
    /**
     * @param array<class-string, list<array{string, string, string}>> $columns by class: the name under which Doctrine takes a value, its
     *                                                                          type, its column
     */
    public function __construct(public string $sql, public array $columns)
    {
    }
}
