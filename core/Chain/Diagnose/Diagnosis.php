<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Diagnose;

use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Look;
use Japhrex\Core\Chain\Ground\Shortlist;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Mechanism\Mechanism;
use Japhrex\Core\Teardown\LookTime;

/** The engine's answer to a case that was told, as it is written. */
final readonly class Diagnosis
{
    /** So many candidates, looks and finds are named. */
    private const CANDIDATES = 12;
    private const LOOKS = 8;
    private const FINDS = 4;

    /** @param array<string, Mechanism> $mechanisms with those of the book */
    public function __construct(private Words $words, private array $mechanisms)
    {
    }

    /**
     * @param list<string> $theories origins that somebody names, by id
     *
     * @return array<string, mixed> as docs/chain.md has it, without the time that it took
     */
    public function of(Facts $facts, array $theories): array
    {
        $grounding = new Grounding($this->words->book, $this->words->modes, $this->mechanisms, $this->words->vocabulary);
        $ground = $grounding->ground($facts);
        $seen = array_column($facts->looks, 'part');
        $analysis = Analysis::of($ground, LookTime::minutes($this->words->book, $this->off($seen)));
        $candidates = $analysis->candidates(self::CANDIDATES);
        $conclusion = $analysis->concludes($candidates, $this->words->book);

        return [
            'says' => $conclusion->says->plain(),
            'why' => $conclusion->says->value,
            'hangs-on' => $conclusion->hangsOn ?? '',
            'complaints' => $this->complaints($analysis, $candidates),
            'candidates' => array_map($this->candidate(...), $candidates),
            'beside' => array_map($this->named(...), $analysis->beside()),
            'looks' => array_map(fn (Look $look): array => $this->look($look, $candidates), \array_slice($analysis->looks, 0, self::LOOKS)),
            'theories' => array_map(fn (string $theory): array => $this->theory($analysis, $theory, $candidates), $theories),
        ];
    }

    /** @return array{origin: string, place: string} */
    private function named(Spot $origin): array
    {
        return ['origin' => $origin->key, 'place' => $origin->place ?? ''];
    }

    /** @return array<string, mixed> */
    private function candidate(Candidate $one): array
    {
        return $this->named($one->origin) + [
            'chance' => round($one->posterior, 4),
            'brought' => round($one->part, 4),
            'said' => round($one->said, 4),
            'explains' => $one->explains,
            'leaves' => $one->leaves,
            'against' => $one->contradicts,
        ];
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return list<array<string, mixed>>
     */
    private function complaints(Analysis $analysis, array $candidates): array
    {
        $told = [];
        foreach ($analysis->complaints() as $id) {
            $best = null;
            $sum = 0.0;
            foreach ($candidates as $one) {
                $part = $one->brought[$id] ?? 0.0;
                $sum += $part;
                if (null === $best || $part > ($best->brought[$id] ?? 0.0)) {
                    $best = $one;
                }
            }
            $told[] = ['what' => explode(':', $id)[1]]
                + (null === $best ? [] : $this->named($best->origin) + ['brought' => round($best->brought[$id] ?? 0.0, 4)])
                + ['unexplained' => round(max(0.0, 1.0 - $sum), 4)];
        }

        return $told;
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return array<string, mixed>
     */
    private function look(Look $look, array $candidates): array
    {
        return [
            'place' => $look->part,
            'for' => array_map(static fn (Spot $one): string => $one->key, $look->for),
            'gain' => round($look->bits, 4),
            'minutes' => $look->minutes,
            'settles' => array_map(
                fn (Candidate $one): string => implode('@', array_filter($this->named($one->origin))),
                \array_slice($candidates, 0, 2),
            ),
        ];
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return array<string, mixed>
     */
    private function theory(Analysis $analysis, string $id, array $candidates): array
    {
        $theory = $analysis->theory($id);
        [$key, $place] = explode('@', substr($id, \strlen('origin:'))) + [1 => ''];
        if (null === $theory) {
            return ['origin' => $key, 'place' => $place, 'answer' => 'refuted', 'for' => [], 'against' => [], 'settle' => ''];
        }
        $answer = Shortlist::answered($theory, $candidates);
        $other = Shortlist::other($theory, $candidates);
        $versus = null === $other ? null : $analysis->versus($theory->origin, $other->origin);
        $looks = array_map(static fn (Look $look): string => $look->part, $analysis->looks);

        return ['origin' => $key, 'place' => $place, 'answer' => $answer->value] + [
            'for' => \array_slice(array_keys($versus->for ?? $theory->for), 0, self::FINDS),
            'against' => \array_slice(
                array_values(array_unique([...array_keys($versus->against ?? $theory->against), ...$theory->contradicts])),
                0,
                self::FINDS,
            ),
            'settle' => $versus?->look?->part() ?? $looks[0] ?? '',
        ];
    }

    /**
     * What has left the unit: it is stripped in the order of the book, as far as the parts that were looked at.
     *
     * @param list<string> $seen
     *
     * @return list<string>
     */
    private function off(array $seen): array
    {
        $off = $held = [];
        foreach ($this->words->book->strip as $step) {
            array_push($held, ...$step->removes);
            if ([] !== array_intersect($step->removes, $seen)) {
                $off = $held;
            }
        }

        return array_values(array_unique([...$off, ...$seen]));
    }
}
