<?php

declare(strict_types=1);

namespace App\Parts\OneByOne;

/** One tap on a part: a grade, or what becomes of it. */
final readonly class TapInput
{
    /**
     * @param string $grade 0 to 4; empty: none was tapped
     * @param string $damage which the grade is of: `mode@place`
     * @param string $disposition what becomes of the part; empty: not tapped
     */
    public function __construct(public string $grade = '', public string $damage = '', public string $disposition = '')
    {
    }
}
