<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\ProofPhase;
use Japhrex\Core\Family\ProofStep;

/**
 * What is proved, in order: filled, by hand, which way it turns, then under power from low to high and hot, and always the conditions
 * of the complaint.
 */
final class ProofPlan
{
    private const NUMBERS = ['half an' => 0.5, 'a' => 1, 'an' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'five' => 5, 'ten' => 10];

    /** One night, until the morning. */
    private const OVERNIGHT = 480;

    /**
     * @param list<ToldComplaint> $complaints
     * @param list<ProofStep>|null $steps with the shop's own limits; null: those of the book
     *
     * @return list<ProofItem>
     */
    public static function of(Book $book, array $complaints, ?array $steps = null): array
    {
        $items = array_map(
            static fn (ProofStep $step): ProofItem => new ProofItem(
                'book-'.$step->key,
                $step->step,
                $step->expect,
                $step->caution,
                self::minutes($step->step),
                reads: $step->reads,
                phase: $step->phase ?? self::phase($step->step),
                proves: $step->proves,
                miss: $step->miss,
                stops: $step->stops,
                guard: $step->guard,
                stage: $step->stage,
            ),
            $steps ?? $book->upkeep->proof,
        );
        if ([] === array_filter($items, static fn (ProofItem $item): bool => ProofPhase::Direction === $item->phase)) {
            $items[] = new ProofItem(
                'direction',
                'Direction of rotation, a second’s run',
                'As the arrow, the engine or the strip’s record asks.',
                'Nobody near the drive; hands off the coupling.',
                stops: 'The wrong way round: a second is enough.',
                phase: ProofPhase::Direction,
            );
        }
        usort($items, static fn (ProofItem $a, ProofItem $b): int => $a->phase->rank() <=> $b->phase->rank());
        foreach ($complaints as $complaint) {
            $items[] = new ProofItem(
                'complaint-'.$complaint->key,
                'The complaint’s own conditions: '.lcfirst($complaint->name).(
                    '' === $complaint->conditions ? '' : ', '.$complaint->conditions
                ),
                'It is gone. A cold spin proves nothing about a hot complaint.',
                complaint: true,
                phase: ProofPhase::Rest,
                proves: 'That what was complained of is gone, under the conditions under which it was there.',
                miss: [
                    'Back to the chain: what was mended was not all that brought it about, or something else brings it about too.',
                    'The conditions first: was it as hot, as long, as loaded as it was told?',
                ],
                stops: 'What made the unit fail: do not try it a second time.',
            );
        }

        return $items;
    }

    /**
     * What makes the unit ready to run, comes before a step, and is not passed yet; null: nothing.
     *
     * @param list<ProofItem> $plan in order
     * @param list<string> $passed keys of what is passed
     */
    public static function before(array $plan, ProofItem $step, array $passed): ?ProofItem
    {
        foreach ($plan as $one) {
            if ($one->key === $step->key || !$one->makesReady()) {
                return null;
            }
            if (!\in_array($one->key, $passed, true)) {
                return $one;
            }
        }

        return null;
    }

    /** By its words, where a book does not say when. */
    private static function phase(string $step): ProofPhase
    {
        return match (true) {
            1 === preg_match('/direction|bump start/i', $step) => ProofPhase::Direction,
            1 === preg_match('/filled|primed|vented/i', $step) => ProofPhase::Fill,
            1 === preg_match('/by hand/i', $step) => ProofPhase::Hand,
            default => ProofPhase::Low,
        };
    }

    /**
     * How long a step lasts by its words, in minutes: “One hour …”, “Half an hour of work”, “10 minutes”; 0: at once. Seconds and strokes
     * are no soak.
     */
    public static function minutes(string $step): int
    {
        $words = mb_strtolower($step);
        if (str_contains($words, 'overnight')) {
            return self::OVERNIGHT;
        }
        if (1 !== preg_match('/\b(half an|an|a|one|two|three|five|ten|\d{1,3}) (hour|minute)s?\b/', $words, $m)) {
            return 0;
        }
        $count = self::NUMBERS[$m[1]] ?? (float) $m[1];

        return (int) round($count * ('hour' === $m[2] ? 60 : 1));
    }
}
