<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Book;

/** What the network of a case said, without the network: what a page tells of it, small enough to be kept and read again. */
final readonly class Outcome
{
    /** So many candidates are looked at. */
    public const CANDIDATES = 20;

    /**
     * @param array<string, Spot> $spots conditions by id
     * @param array<string, Evidence> $seen by condition
     * @param int $ties how many links join the conditions
     * @param bool $hasComplaints something was complained of
     * @param list<Candidate> $candidates those first that did most
     * @param list<Candidate> $told those of them that are worth telling
     * @param list<ToldAsWell> $well those that tell the same finds as the first
     * @param list<Spot> $beside origins that are there, and that nothing complained of needs
     * @param list<Look> $looks the most for its minutes first
     * @param string $method `exact`, or how it was sampled, with its note
     */
    private function __construct(
        public array $spots,
        public array $seen,
        public int $ties,
        public bool $hasComplaints,
        public array $candidates,
        public array $told,
        public array $well,
        public array $beside,
        public array $looks,
        public Conclusion $conclusion,
        public string $method,
        public string $note,
    ) {
    }

    public static function of(Analysis $analysis, Book $book): self
    {
        $candidates = $analysis->candidates(self::CANDIDATES);
        $told = Shortlist::worthTelling(\array_slice($candidates, 0, Analysis::WEIGHED));

        return new self(
            $analysis->ground->spots,
            $analysis->ground->seen,
            \count($analysis->ground->ties),
            [] !== $analysis->complaints(),
            $candidates,
            $told,
            Shortlist::isUndetermined($candidates) ? [] : $analysis->toldAsWell($told),
            $analysis->beside(),
            $analysis->looks,
            $analysis->concludes($candidates, $book),
            $analysis->answer->method,
            $analysis->answer->note,
        );
    }
}
