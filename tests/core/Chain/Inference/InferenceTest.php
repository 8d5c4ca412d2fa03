<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Inference;

use Japhrex\Core\Chain\Inference\Answer;
use Japhrex\Core\Chain\Inference\CommandLine;
use Japhrex\Core\Chain\Inference\Elimination;
use Japhrex\Core\Chain\Inference\Factors;
use Japhrex\Core\Chain\Inference\Inference;
use Japhrex\Core\Chain\Inference\InferenceError;
use Japhrex\Core\Chain\Inference\QuestionReader;
use Japhrex\Core\Chain\Inference\Sampling;
use Japhrex\Core\Chain\Inference\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * The inference against full enumeration, against networks of textbooks, and in its refusals.
 *
 * @phpstan-import-type Net from Enumeration
 *
 * @phpstan-type Told array{
 *     method: string, log-evidence: float, posteriors: array<array-key, float>,
 *     candidates: list<array{id: string, posterior: float, for: array<array-key, float|null>, against: array<array-key, float|null>}>,
 *     checks: list<array{id: string, bits: float, bits-per-minute: float}>,
 * }
 */
final class InferenceTest extends TestCase
{
    /**
     * @param Net $network
     *
     * @return Told
     */
    private static function ask(array $network): array
    {
        $question = (new QuestionReader())->read(
            (string) json_encode(
                ['evidence' => (object) ($network['evidence'] ?? [])] + (
                    isset($network['minutes']) ? ['minutes' => (object) $network['minutes']] : []
                ) + $network
            )
        );

        /** @var Told $told */
        $told = json_decode((string) json_encode(Inference::answer($question)->asData($question)), true);

        return $told;
    }

    /** @return Net a network whose strengths, zeros and ones among them, come from a seed */
    private static function random(int $seed, int $nodes, int $most): array
    {
        mt_srand($seed);
        $share = static fn (): float => mt_rand() / mt_getrandmax();
        $network = ['nodes' => [], 'evidence' => [], 'minutes' => []];
        for ($i = 0; $i < $nodes; ++$i) {
            $count = min($i, mt_rand(0, $most));
            /** @var list<int> $above */
            $above = 0 === $count ? [] : (array) array_rand(range(0, $i - 1), $count);
            $network['nodes'][] = match (true) {
                [] === $above => ['id' => "n$i", 'kind' => 'origin', 'prior' => $share() < 0.05 ? 0.0 : $share() * 0.4],
                $share() < 0.2 && $count <= 3 => [
                    'id' => "n$i",
                    'parents' => array_map(static fn (int $p): string => "n$p", $above),
                    'table' => array_map(static fn (): float => $share() < 0.1 ? 1.0 : $share(), range(1, 2 ** $count)),
                ],
                default => [
                    'id' => "n$i",
                    'kind' => $share() < 0.2 ? 'origin' : 'damage',
                    'leak' => $share() < 0.3 ? 0.0 : $share() * 0.2,
                    'causes' => array_map(
                        static fn (int $p): array => ['from' => "n$p", 'strength' => $share() < 0.1 ? 1.0 : $share()],
                        $above,
                    ),
                ],
            };
            $r = $share();
            if ($r < 0.4) {
                $network['evidence']["n$i"] = $r < 0.1
                    ? true
                    : ($r < 0.22 ? false : ['if-true' => $share(), 'if-false' => $r < 0.25 ? 0.0 : $share()]);
            } elseif ($r < 0.75) {
                $network['minutes']["n$i"] = 1.0 + mt_rand(0, 9);
            }
        }

        return $network;
    }

    #[Group('slow')]
    public function testHundredsOfRandomNetworksAreAsEnumerated(): void
    {
        $impossible = 0;
        for ($seed = 1; $seed <= 260; ++$seed) {
            $network = self::random($seed, 3 + $seed % 8, 2 + $seed % 6);
            $truth = new Enumeration($network);
            $whole = $truth->weight();
            if (0.0 === $whole) {
                ++$impossible;
                try {
                    self::ask($network);
                    self::fail("Seed $seed cannot happen.");
                } catch (InferenceError $error) {
                    self::assertStringContainsString('cannot happen', $error->getMessage());
                }
                continue;
            }
            $answer = self::ask($network);
            self::assertSame('exact', $answer['method']);
            self::assertEqualsWithDelta(log($whole), $answer['log-evidence'], 1e-9, "seed $seed");
            foreach ($answer['posteriors'] as $id => $p) {
                self::assertEqualsWithDelta($truth->posterior((string) $id), $p, 1e-9, "seed $seed, $id");
            }
            $origins = array_column(
                array_filter($network['nodes'], static fn (array $node): bool => 'origin' === ($node['kind'] ?? '')),
                'id',
            );
            $listed = array_values(
                array_filter($origins, static fn (string $id): bool => !\is_bool($network['evidence'][(string) $id] ?? null))
            );
            self::assertEqualsCanonicalizing($listed, array_column($answer['candidates'], 'id'));
            foreach ($answer['candidates'] as $candidate) {
                foreach (array_keys($network['evidence'] ?? []) as $finding) {
                    $true = $truth->decibans($candidate['id'], $finding);
                    $told = $candidate['for'][$finding] ?? (
                        isset($candidate['against'][$finding]) ? -$candidate['against'][$finding] : 0.0
                    );
                    if (null === $true) {
                        self::assertNull($candidate['for'][$finding] ?? $candidate['against'][$finding] ?? null);
                        self::assertTrue(
                            \array_key_exists($finding, $candidate['for'] + $candidate['against']),
                            "seed $seed, {$candidate['id']}, $finding: null, not left out",
                        );
                    } else {
                        self::assertEqualsWithDelta($true, $told, 1e-6, "seed $seed, {$candidate['id']}, $finding");
                    }
                }
            }
            foreach ($answer['checks'] as $check) {
                self::assertEqualsWithDelta(
                    $truth->bits($check['id'], $origins),
                    $check['bits'],
                    1e-7,
                    "seed $seed, look at {$check['id']}",
                );
                self::assertEqualsWithDelta($check['bits'] / ($network['minutes'][$check['id']] ?? 0), $check['bits-per-minute'], 1e-12);
            }
        }
        self::assertGreaterThan(3, $impossible, 'networks that contradict themselves are among them');
        self::assertLessThan(100, $impossible);
    }

    #[Group('slow')]
    public function testSixteenNodesSplitOrWholeGiveTheSame(): void
    {
        for ($seed = 500; $seed < 506; ++$seed) {
            $network = self::random($seed, 16, 7);
            $truth = new Enumeration($network);
            $question = (new QuestionReader())->read((string) json_encode($network));
            if ($truth->weight() > 0.0) {
                foreach (self::ask($network)['posteriors'] as $id => $p) {
                    self::assertEqualsWithDelta($truth->posterior((string) $id), $p, 1e-9, "seed $seed, $id");
                }
            }
            foreach ([0, 3, 30] as $whole) {
                $factors = new Factors($question, array_fill_keys(range(0, 15), true), $whole);
                self::assertEqualsWithDelta(
                    0.0 === $truth->weight() ? -\INF : log($truth->weight()),
                    (new Tree($factors, new Elimination($factors->list, 20)))->pass()->log,
                    1e-9,
                );
            }
        }
    }

    public function testWhatIsAskedOfAFewIsWhatIsAskedOfAll(): void
    {
        $weighed = 0;
        for ($seed = 1; $seed <= 12; ++$seed) {
            $question = (new QuestionReader())->read((string) json_encode(self::random($seed, 12, 3)));
            try {
                $inference = Inference::of($question);
            } catch (InferenceError) {
                // Zeros and ones may contradict each other.
                continue;
            }
            $finds = array_keys($question->seen);
            $all = $inference->then($question);
            foreach ($question->network->origins() as $origin) {
                $one = $inference->then($question->asking($finds, [$origin], []));
                self::assertSame(isset($all->weights[$origin]) ? [$origin] : [], array_keys($one->weights));
                self::assertEqualsWithDelta($all->weights[$origin] ?? null, $one->weights[$origin] ?? null, 1e-6, "seed $seed");
                $weighed += \count($one->weights[$origin]->for ?? []) + \count($one->weights[$origin]->against ?? []);
            }
        }
        self::assertGreaterThan(20, $weighed);
    }

    /** Russell and Norvig, Artificial Intelligence, chapter on probabilistic reasoning: both neighbours call. */
    public function testTheBurglaryOfTheTextbook(): void
    {
        $answer = self::ask(['nodes' => [
            ['id' => 'burglary', 'kind' => 'origin', 'prior' => 0.001], ['id' => 'earthquake', 'kind' => 'origin', 'prior' => 0.002],
            ['id' => 'alarm', 'parents' => ['burglary', 'earthquake'], 'table' => [0.001, 0.29, 0.94, 0.95]],
            [
                'id' => 'john',
                'parents' => ['alarm'],
                'table' => [0.05, 0.9],
            ], ['id' => 'mary', 'parents' => ['alarm'], 'table' => [0.01, 0.7]],
        ], 'evidence' => ['john' => true, 'mary' => true]]);
        self::assertEqualsWithDelta(0.284, $answer['posteriors']['burglary'], 5e-4);
        self::assertSame('burglary', $answer['candidates'][0]['id']);
    }

    /** The wet lawn of Murphy's introduction (1998), with its published answers. */
    public function testTheSprinklerOfTheTextbook(): void
    {
        $nodes = [
            ['id' => 'cloudy', 'prior' => 0.5],
            ['id' => 'sprinkler', 'parents' => ['cloudy'], 'table' => [0.5, 0.1]],
            ['id' => 'rain', 'parents' => ['cloudy'], 'table' => [0.2, 0.8]],
            ['id' => 'wet', 'parents' => ['sprinkler', 'rain'], 'table' => [0, 0.9, 0.9, 0.99]],
        ];
        $answer = self::ask(['nodes' => $nodes, 'evidence' => ['wet' => true]]);
        self::assertEqualsWithDelta(log(0.6471), $answer['log-evidence'], 1e-4);
        self::assertEqualsWithDelta(0.4298, $answer['posteriors']['sprinkler'], 5e-5);
        self::assertEqualsWithDelta(0.7079, $answer['posteriors']['rain'], 5e-5);
        self::assertEqualsWithDelta(
            0.1945,
            self::ask(['nodes' => $nodes, 'evidence' => ['wet' => true, 'rain' => true]])['posteriors']['sprinkler'],
            5e-5,
            'the rain explains it away',
        );
    }

    /** Lauritzen and Spiegelhalter's chest clinic (1988): chances before anything is known, and after a visit to Asia. */
    public function testTheChestClinic(): void
    {
        $nodes = [
            ['id' => 'asia', 'prior' => 0.01], ['id' => 'smoker', 'prior' => 0.5],
            [
                'id' => 'tuberculosis',
                'parents' => ['asia'],
                'table' => [0.01, 0.05],
            ], ['id' => 'cancer', 'parents' => ['smoker'], 'table' => [0.01, 0.1]], [
                'id' => 'bronchitis',
                'parents' => ['smoker'],
                'table' => [0.3, 0.6],
            ],
            ['id' => 'either', 'parents' => ['tuberculosis', 'cancer'], 'table' => [0, 1, 1, 1]],
            ['id' => 'x-ray', 'parents' => ['either'], 'table' => [0.05, 0.98]], [
                'id' => 'dyspnoea',
                'parents' => ['either', 'bronchitis'],
                'table' => [0.1, 0.8, 0.7, 0.9],
            ],
        ];
        foreach (
            [
                'tuberculosis' => 0.0104,
                'cancer' => 0.055,
                'bronchitis' => 0.45,
                'either' => 0.0648,
                'x-ray' => 0.1103,
                'dyspnoea' => 0.4360,
            ] as $id => $p
        ) {
            self::assertEqualsWithDelta($p, self::ask(['nodes' => $nodes])['posteriors'][$id], 5e-5, $id);
        }
        self::assertEqualsWithDelta(
            0.05,
            self::ask(['nodes' => $nodes, 'evidence' => ['asia' => true]])['posteriors']['tuberculosis'],
            1e-12,
        );
    }

    public function testEvidenceOfHardlyAnyChanceIsNoError(): void
    {
        $nodes = [['id' => 'o', 'kind' => 'origin', 'prior' => 0.5]];
        $evidence = [];
        for ($i = 0; $i < 400; ++$i) {
            $nodes[] = ['id' => "f$i", 'leak' => 0.01, 'causes' => [['from' => 'o', 'strength' => 0.05]]];
            $evidence["f$i"] = true;
        }
        $answer = self::ask(['nodes' => $nodes, 'evidence' => $evidence]);
        // 0.5·(0.01^400 + (1 − 0.99·0.95)^400); the first is nothing beside the second.
        self::assertEqualsWithDelta(log(0.5) + 400 * log(1 - 0.99 * 0.95), $answer['log-evidence'], 1e-6);
        self::assertSame(1.0, (float) $answer['posteriors']['o']);
    }

    #[Group('slow')]
    public function testSamplesAgreeWithTheExactAnswerAndSayThatTheyAreSamples(): void
    {
        for ($seed = 900; $seed < 906; ++$seed) {
            $network = self::random($seed, 14, 4);
            $question = (new QuestionReader())->read((string) json_encode($network));
            $exact = self::ask($network);
            $sampled = Sampling::answer($question);
            self::assertSame('sampled', $sampled->asData($question)['method']);
            self::assertGreaterThan(400, $sampled->sampling->effective ?? 0);
            foreach ($sampled->posteriors as $node => $p) {
                $id = $question->network->nodes[$node]->id;
                self::assertEqualsWithDelta(
                    $exact['posteriors'][$id],
                    $p,
                    5 * ($sampled->sampling->errors[$node] ?? 0),
                    "seed $seed, $id",
                );
            }
            self::assertEquals($sampled, Sampling::answer($question), 'the same file, the same answer');
        }
    }

    /** @return iterable<string, array{string, string, string|null}> */
    public static function wrong(): iterable
    {
        yield 'not JSON' => ['{"nodes": [', 'not JSON', null];
        yield 'empty' => ['{"nodes": []}', 'empty', null];
        yield 'twice' => ['{"nodes": [{"id": "a", "prior": 0.1}, {"id": "a", "prior": 0.2}]}', 'twice', 'a'];
        yield 'circle' => [
            '{"nodes": [{"id": "a", "causes": [{"from": "b", "strength": 1}]}, {"id": "b", "causes": [{"from": "a", "strength": 1}]}]}',
            'effect of itself',
            'a',
        ];
        yield 'unknown cause' => ['{"nodes": [{"id": "a", "causes": [{"from": "z", "strength": 1}]}]}', 'no node', 'a'];
        yield 'cause twice' => [
            '{"nodes": [{"id": "b", "prior": 0.1}, {"id": "a", "causes": [{"from": "b", "strength": 1}, {"from": "b", "strength": 1}]}]}',
            'twice',
            'a',
        ];
        yield 'unknown parent' => ['{"nodes": [{"id": "a", "parents": ["z"], "table": [0, 1]}]}', 'no node', 'a'];
        yield 'unknown evidence' => ['{"nodes": [{"id": "a", "prior": 0.1}], "evidence": {"z": true}}', 'no node', 'z'];
        yield 'unknown minutes' => ['{"nodes": [{"id": "a", "prior": 0.1}], "minutes": {"z": 1}}', 'no node', 'z'];
        yield 'no minutes' => ['{"nodes": [{"id": "a", "prior": 0.1}], "minutes": {"a": 0}}', 'more than 0', 'a'];
        yield 'probability' => ['{"nodes": [{"id": "a", "prior": 1.1}]}', 'from 0 to 1', 'a'];
        yield 'strength' => [
            '{"nodes": [{"id": "b", "prior": 0.1}, {"id": "a", "causes": [{"from": "b", "strength": -0.1}]}]}',
            'from 0 to 1',
            'a',
        ];
        yield 'table too short' => [
            '{"nodes": [{"id": "b", "prior": 0.1}, {"id": "a", "parents": ["b"], "table": [0.5]}]}',
            '1 parents need 2',
            'a',
        ];
        yield 'nothing likely' => [
            '{"nodes": [{"id": "a", "prior": 0.1}], "evidence": {"a": {"if-true": 0, "if-false": 0}}}',
            'no likelihood',
            'a',
        ];
        yield 'negative' => [
            '{"nodes": [{"id": "a", "prior": 0.1}], "evidence": {"a": {"if-true": -1, "if-false": 1}}}',
            'no likelihood',
            'a',
        ];
        yield 'conflict' => [
            '{"nodes": [{"id": "a", "kind": "origin", "prior": 0.1}, {"id": "b", "causes": [{"from": "a", "strength": 1}]}, '
                .'{"id": "c", "leak": 0.2}], "evidence": {"c": true, "a": true, "b": false}}',
            '“a”, “b” contradict each other',
            'a',
        ];
    }

    #[DataProvider('wrong')]
    public function testWhatIsWrongIsRefusedInWordsOnStandardOutput(string $json, string $said, ?string $node): void
    {
        [$exit, $out] = (new CommandLine(static fn (): string => $json))->run(['network.json', '--json']);
        self::assertSame(2, $exit);
        /** @var array{error: string, node?: string} $answer */
        $answer = json_decode($out, true);
        self::assertStringContainsString($said, $answer['error']);
        self::assertSame($node, $answer['node'] ?? null);
    }

    public function testACheckIsRankedByWhatItSettlesInAMinuteAndNamesAreKept(): void
    {
        $answer = self::ask(
            [
                'nodes' => [
                    ['id' => '7', 'kind' => 'origin', 'prior' => 0.5],
                    ['id' => 'a', 'causes' => [['from' => '7', 'strength' => 1.0]]],
                    ['id' => 'b', 'causes' => [['from' => '7', 'strength' => 0.5]]],
                ],
                'minutes' => ['a' => 10.0, 'b' => 1.0],
            ]
        );
        self::assertSame(Answer::EXACT, $answer['method']);
        // A look at a settles all of one bit; at b, H(1/2) − 3/4·H(1/3) = 0.3113 bits, but in a tenth of the time.
        self::assertSame(['b', 'a'], array_column($answer['checks'], 'id'));
        self::assertEqualsWithDelta(1.0, $answer['checks'][1]['bits'], 1e-12);
        self::assertEqualsWithDelta(0.31128, $answer['checks'][0]['bits'], 1e-5);
        self::assertSame([0.5, 0.5, 0.25], [$answer['posteriors']['7'], $answer['posteriors']['a'], $answer['posteriors']['b']]);
    }
}
