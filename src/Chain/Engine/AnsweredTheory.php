<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Theory;
use Japhrex\Core\Chain\Ground\Candidate;

/** What somebody thinks it was, with the candidate that means it. */
final readonly class AnsweredTheory
{
    /** @param string $sentence the answer in plain words */
    public function __construct(public Theory $theory, public ?Candidate $answer, public string $sentence)
    {
    }
}
