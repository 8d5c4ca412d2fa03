<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Answering;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Versus;
use PHPUnit\Framework\TestCase;

/** An answer to a theory names the finds that part it from what the finds speak more for, and the look that would settle it. */
final class VersusTest extends TestCase
{
    private static function ground(): Ground
    {
        $spots = [];
        foreach (
            [
                ['origin', 'dirt', 0.1, 1.0], ['origin', 'pressure', 0.1, 1.0], ['damage', 'scoring', 0.1, 0.9],
                ['damage', 'cracking', 0.05, 0.6], ['damage', 'embedding', 0.05, 0.75],
            ] as [$kind, $key, $leak, $found]
        ) {
            $spot = new Spot($kind, $key, null, ucfirst($key), $leak, $found);
            $spots[$spot->id()] = $spot;
        }

        return new Ground($spots, [], [], [
            'damage:scoring' => new Evidence('damage:scoring', 0.001, 1.0, 'seen, grade 3'),
            'damage:cracking' => new Evidence('damage:cracking', 1.0, 0.1, 'clean, by dye'),
        ]);
    }

    /** @return array<string, float> */
    private static function chances(float $scoring, float $cracking, float $embedding): array
    {
        return [
            'origin:dirt' => 0.0, 'origin:pressure' => 0.0, 'damage:scoring' => $scoring,
            'damage:cracking' => $cracking, 'damage:embedding' => $embedding,
        ];
    }

    public function testEachFindWeighsByHowLikelyTheOneAndTheOtherMakeIt(): void
    {
        $versus = Versus::of(self::ground(), self::chances(0.0, 0.9, 0.0), self::chances(0.8, 0.0, 0.5));
        // By hand: scored with 0.1 against 1 − 0.9 · 0.2 = 0.82, so 10·log₁₀(0.1009 / 0.82018) = −9.10;
        // clean of cracks where 1 − 0.95 · 0.1 = 0.905 would be, so 10·log₁₀(0.1855 / 0.955) = −7.12.
        self::assertSame([], $versus->for);
        self::assertEqualsWithDelta(['damage:scoring' => 9.10, 'damage:cracking' => 7.12], $versus->against, 0.005);
        self::assertSame(['damage:scoring', 'damage:cracking'], array_keys($versus->against), 'the strongest first');
        self::assertSame('embedding', $versus->look?->key);
        self::assertSame([0.0, 0.5], [$versus->first, $versus->second]);
    }

    public function testWhatBothLeaveAlikePartsNobody(): void
    {
        $versus = Versus::of(self::ground(), self::chances(0.8, 0.0, 0.2), self::chances(0.7, 0.0, 0.4));
        self::assertSame([[], []], [$versus->for, $versus->against], 'less than a deciban says nothing');
        self::assertNull($versus->look, 'a look that finds it in 30 % of 20 % and of 40 % is not worth it');
    }

    public function testTheAnswerIsOneThatCanBeSaidToWhoeverHasTheTheory(): void
    {
        $ground = self::ground();
        $one = static fn (string $key, float $part, string ...$explains): Candidate => new Candidate(
            $ground->spots['origin:'.$key], $part, [], [], array_values($explains), [], [], [], [], $part,
        );
        $versus = Versus::of($ground, self::chances(0.0, 0.9, 0.0), self::chances(0.8, 0.0, 0.5));
        $said = Answering::sentence($ground, $one('pressure', 0.05), $one('dirt', 0.8, 'damage:scoring'), $versus);
        self::assertStringContainsString('It would explain nothing of what was found.', $said);
        self::assertStringContainsString('Beside “dirt” speak against it: scoring (seen, grade 3); cracking (clean, by dye).', $said);
        self::assertStringContainsString(
            'What would settle it: embedding, left in 0 % if it was so, in 50 % if it was dirt.',
            $said,
        );
        self::assertStringContainsString('The finds speak more for: dirt (80 %).', $said);
    }
}
