<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Pruning;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Chain\Inference\Inference;
use PHPUnit\Framework\TestCase;

/** Damage that nobody has looked for is bridged; no more is left out than has to be. */
final class PruningTest extends TestCase
{
    private const NARROW = 0.02;

    /**
     * As many origins as complaints, each of them between, through damage of its own that nobody has looked for.
     *
     * @param float $own strength of both links from an origin to the complaint of its number
     * @param float $other the same to each other complaint; 0: there are none
     */
    private static function ground(int $count, float $own, float $other): Ground
    {
        $spots = $ties = $seen = [];
        for ($i = 0; $i < $count; ++$i) {
            $complaint = new Spot('complaint', 'noise-'.$i, null, 'Noise', 0.02);
            $origin = new Spot('origin', 'defect', 'part-'.$i, 'Defect', 0.1);
            $spots += [$origin->id() => $origin, $complaint->id() => $complaint];
            $seen[$complaint->id()] = new Evidence($complaint->id(), 0.0, 1.0, 'complained of');
            for ($j = 0; $j < $count; ++$j) {
                $strength = $i === $j ? $own : $other;
                if ($strength > 0.0) {
                    $damage = new Spot('damage', 'scoring-'.$j, 'part-'.$i, 'Scoring', 0.0);
                    $spots[$damage->id()] = $damage;
                    $ties[] = new Tie($origin->id(), $damage->id(), 'harms', $strength);
                    $ties[] = new Tie($damage->id(), 'complaint:noise-'.$j, 'heard', $strength);
                }
            }
        }

        return new Ground($spots, $ties, [], $seen);
    }

    /**
     * @param list<Tie> $ties
     *
     * @return array<string, float> those from an origin to a complaint
     */
    private static function bridges(array $ties): array
    {
        $bridges = [];
        foreach ($ties as $tie) {
            if (str_starts_with($tie->from, 'origin:') && str_starts_with($tie->to, 'complaint:')) {
                $bridges[$tie->from.' '.$tie->to] = $tie->strength;
            }
        }

        return $bridges;
    }

    /** By hand: the noise with the defect 1 − 0.98 · (1 − 0.2 · 0.2) = 0.0592, without it 0.02; 0.1 · 0.0592 to 0.9 · 0.02. */
    public function testANarrowNetworkLosesNothing(): void
    {
        $ground = self::ground(1, 0.2, 0.0);
        [$ties, $weakest] = Pruning::of($ground->spots, $ground->ties, $ground->seen);
        self::assertSame(self::NARROW, $weakest);
        self::assertEqualsWithDelta(['origin:defect@part-0 complaint:noise-0' => 0.04], self::bridges($ties), 1e-12);
        $question = (new Ground($ground->spots, $ties, [], $ground->seen))->question();
        self::assertEqualsWithDelta(
            0.00592 / (0.00592 + 0.018),
            Inference::answer($question)->posteriors[$question->network->index['origin:defect@part-0']],
            1e-12,
        );
    }

    /** Fifteen causes of fifteen complaints make a table of fifteen; without the weak bridges each stands for itself. */
    public function testWhereItIsTooWideTheWeakGoAndTheStrongStay(): void
    {
        $ground = self::ground(15, 0.6, 0.3);
        [$ties, $weakest] = Pruning::of($ground->spots, $ground->ties, $ground->seen);
        self::assertGreaterThan(0.09, $weakest);
        self::assertLessThanOrEqual(0.11, $weakest, 'and no more than has to go');
        self::assertEqualsWithDelta(array_fill(0, 15, 0.36), array_values(self::bridges($ties)), 1e-12);
    }

    public function testThreeCausesOfThreeComplaintsKeepTheirWeakBridges(): void
    {
        $ground = self::ground(3, 0.6, 0.3);
        [$ties, $weakest] = Pruning::of($ground->spots, $ground->ties, $ground->seen);
        self::assertSame(self::NARROW, $weakest);
        self::assertCount(9, self::bridges($ties));
    }
}
