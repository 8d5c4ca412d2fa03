<?php

declare(strict_types=1);

namespace App\Laboratory\Form;

/** What an answer is taken for, as a find of its part. */
final readonly class LabFindInput
{
    /**
     * @param string $mode key of a damage mode
     * @param string $lies how it lies or broke: a key of the engine's words for it; empty: not told
     */
    public function __construct(public string $mode = '', public string $lies = '', public int $grade = 0)
    {
    }
}
