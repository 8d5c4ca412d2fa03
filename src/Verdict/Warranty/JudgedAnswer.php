<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Verdict\Explained;
use Japhrex\Core\Verdict\Policy\Judgement;

/** What the policies say of one answer of the verdict. */
final readonly class JudgedAnswer
{
    /**
     * @param ?Explained $for null: there is none yet
     * @param list<Judgement> $judged
     */
    public function __construct(public ?Explained $for, public array $judged)
    {
    }
}
