<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Theory;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Answering;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Shortlist;

/** What somebody thinks it was, with the candidate that means it. */
final readonly class AnsweredTheory
{
    /** @param string $sentence the answer in plain words */
    private function __construct(public Theory $theory, public ?Candidate $answer, public string $sentence)
    {
    }

    /** @param list<Candidate> $candidates those first that did most */
    public static function of(Theory $theory, Analysis $analysis, array $candidates): self
    {
        $answer = $analysis->theory($theory->spot);
        if (null === $answer) {
            return new self($theory, null, 'The book knows no such condition any more.');
        }
        $other = Shortlist::other($answer, $candidates);

        return new self($theory, $answer, Answering::sentence(
            $analysis->ground,
            $answer,
            $other,
            null === $other ? null : $analysis->versus($answer->origin, $other->origin),
            $theory->stands,
            $theory->because,
        ));
    }
}
