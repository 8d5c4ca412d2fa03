<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Reads what a book says of the proof: what comes before what, and that each step says what it is for. */
final readonly class ProofCheck
{
    /** What turns under power in it is stopped by something. */
    private const RUNS = [ProofPhase::Low, ProofPhase::Load, ProofPhase::Hot];

    public function __construct(private FigureRegistry $figures)
    {
    }

    /** @return iterable<int, BookProblem> */
    public function problems(Book $book): iterable
    {
        $proof = $book->upkeep->proof;
        $there = array_map(static fn (ProofStep $step): ?ProofPhase => $step->phase, $proof);
        foreach ([] === $proof ? [] : ProofPhase::cases() as $phase) {
            $isDry = ProofPhase::Fill === $phase && '' === $book->medium;
            if (null !== $phase->missing() && !$isDry && !\in_array($phase, $there, true)) {
                yield new BookProblem('proof', $phase->missing());
            }
        }
        if ([] !== $proof && [] === array_filter($proof, static fn (ProofStep $one): bool => $one->guard)) {
            yield new BookProblem('proof', 'no step puts a guard back before it runs (guard: true).');
        }
        $keys = [];
        foreach ($proof as $i => $step) {
            foreach ($this->said($step) as $problem) {
                yield new BookProblem('proof/'.$i, $problem);
            }
            if (\in_array($step->key, $keys, true)) {
                yield new BookProblem('proof/'.$i, \sprintf('there are two steps "%s".', $step->key));
            }
            $keys[] = $step->key;
            foreach ($step->reads as $k => $read) {
                try {
                    $read->limits();
                    foreach ($read->at as $channel => $value) {
                        Quantity::parse($value, Channel::from($channel)->dimension());
                    }[] === $read->curve || $this->figures->compute('power-curve', $read->curve + ['points' => '100 bar@10 lpm']);
                } catch (\DomainException|FigureError|QuantityError $error) {
                    yield new BookProblem("proof/$i/reads/$k", $error->getMessage());
                }
            }
        }
    }

    /** @return iterable<int, string> */
    private function said(ProofStep $step): iterable
    {
        if (null === $step->phase) {
            yield 'does not say when: phase fill, hand, direction, coupled, low, load, hot or rest.';
        }
        if ('' === $step->proves || [] === $step->miss) {
            yield 'does not say what it proves (proves) and what a miss points to (miss).';
        }
        if ('' === $step->stops && \in_array($step->phase, self::RUNS, true)) {
            yield 'runs, and does not say what stops it at once (stops).';
        }
        if ($step->guard && null !== $step->phase && $step->phase->rank() >= ProofPhase::Low->rank()) {
            yield 'puts a guard back after it has run: it comes before (phase hand or coupled).';
        }
    }
}
