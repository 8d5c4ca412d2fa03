<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Theory;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Answering;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Shortlist;

/** What the engine says to a theory, as it is kept. */
final readonly class TheoryAnswered
{
    /**
     * @param Candidate|null $answer null: the book knows no such condition any more
     * @param string $sentence the answer in plain words
     */
    private function __construct(public ?Candidate $answer, public string $sentence)
    {
    }

    /** @param list<Candidate> $candidates those first that did most */
    public static function of(Theory $theory, Analysis $analysis, array $candidates): self
    {
        $answer = $analysis->theory($theory->spot);
        if (null === $answer) {
            return new self(null, 'The book knows no such condition any more.');
        }
        $other = Shortlist::other($answer, $candidates);

        return new self($answer, Answering::sentence(
            $analysis->ground,
            $answer,
            $other,
            null === $other ? null : $analysis->versus($answer->origin, $other->origin),
            $theory->stands,
            $theory->because,
        ));
    }
}
