<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Measuring\Verdict;

/** What is known of a case, free of where it is stored. */
final readonly class Facts
{
    /**
     * @param list<array{part: string, surface: string|null, mode: string|null, grade: int}> $looks mode null, or grade 0: looked, not there
     * @param list<array{key: string, hotOnly: bool, sudden: bool|null}> $complaints
     * @param list<array{part: string, name: string, verdict: Verdict}> $readings
     * @param bool $comeback did this unit fail before, and was it repaired here?
     */
    public function __construct(public array $looks, public array $complaints, public array $readings, public bool $comeback = false)
    {
    }
}
