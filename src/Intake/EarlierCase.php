<?php

declare(strict_types=1);

namespace App\Intake;

/** A case under the same serial. */
final readonly class EarlierCase
{
    /**
     * @param bool $isOut has its unit gone out? Only what went out can come back
     * @param list<string> $same what it was complained of then and is now, in words
     */
    public function __construct(public CaseFile $case, public bool $isOut, public array $same = [])
    {
    }
}
