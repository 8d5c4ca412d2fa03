<?php

declare(strict_types=1);

namespace App\Intake;

/** Tells which units have left the shop. */
interface WentOut
{
    /**
     * @param list<CaseFile> $cases
     *
     * @return array<string, true> by case id: those whose unit has gone out
     */
    public function out(array $cases): array;
}
