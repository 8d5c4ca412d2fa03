<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Diagnose;

use Japhrex\Core\Chain\Diagnose\CaseReader;
use Japhrex\Core\Chain\Diagnose\Diagnosis;
use Japhrex\Core\Chain\Diagnose\Words;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Each kind of evidence moves the answer to the side that the trade expects; the side was written down before the engine was asked. */
#[Group('slow')]
final class DirectionsTest extends TestCase
{
    private const NOISE = ['family' => 'external-gear-pump', 'complaints' => [['what' => 'noise', 'hot' => false]]];
    private const REVVED = ['family' => 'reversing-gearbox', 'complaints' => [['what' => 'only-revved', 'onset' => 'creeping']]];

    /** @var array<string, array{CaseReader, Diagnosis}> read once, since the files are large */
    private static array $engines = [];

    /** @var array<string, list<array{origin: string, place: string, chance: float}>> candidates by case */
    private static array $answers = [];

    /** @return array{CaseReader, Diagnosis} */
    private static function engine(string $family): array
    {
        $mechanisms = Books::mechanisms()->with(Books::book($family));
        $words = new Words(Books::book($family), Books::modes(), $mechanisms->vocabulary);

        return [new CaseReader($words), new Diagnosis($words, $mechanisms->mechanisms)];
    }

    /** @param array<string, mixed> $case */
    private static function chance(array $case, string $origin): float
    {
        $family = \is_string($case['family']) ? $case['family'] : '';
        [$reader, $diagnosis] = self::$engines[$family] ??= self::engine($family);
        // Many start from the same case.
        if (!isset(self::$answers[$key = serialize($case)])) {
            /** @var list<array{origin: string, place: string, chance: float}> $candidates */
            $candidates = $diagnosis->of(...$reader->read($case))['candidates'];
            self::$answers[$key] = $candidates;
        }
        foreach (self::$answers[$key] as $one) {
            if ($origin === implode('@', array_filter([$one['origin'], $one['place']]))) {
                return $one['chance'];
            }
        }

        return 0.0;
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, string, int}> case, what comes in, origin, up or down */
    public static function evidence(): iterable
    {
        $joints = ['place' => 'suction-hose/joints', 'mode' => 'assembly-fault', 'grade' => 3];
        yield 'joints tightened, and it got better' => [
            self::NOISE, ['tried' => [['what' => 'suction-sealed', 'changed' => 'better']]], 'suction-leak', 1,
        ];
        yield 'joints tightened in vain' => [self::NOISE, ['tried' => [['what' => 'suction-sealed']]], 'suction-leak', -1];
        yield 'the fluid foams' => [self::NOISE, ['fluid' => ['foaming']], 'suction-leak', 1];
        yield 'a loose clamp at the hose, seen at the machine' => [self::NOISE, ['seen' => [$joints]], 'suction-leak', 1];
        yield 'the hose found tight at the machine' => [self::NOISE, ['clean' => ['suction-hose']], 'suction-leak', -1];
        yield 'halves of the coupling out of line' => [
            self::NOISE, ['seen' => [['place' => 'mount/seat', 'mode' => 'assembly-fault', 'grade' => 3]]], 'misaligned', 1,
        ];
        $burnt = [
            'family' => 'automatic-transmission', 'complaints' => [['what' => 'slips', 'onset' => 'sudden']],
            'seen' => [['place' => 'direct-pack/lining', 'mode' => 'overheating', 'grade' => 4]],
        ];
        $rim = ['place' => 'direct-drum/spline', 'mode' => 'fracture', 'grade' => 4];
        yield 'the rim came off the drum that holds the burnt plates' => [
            $burnt, ['seen' => [...$burnt['seen'], $rim]], 'defect@direct-drum', 1,
        ];
        yield 'a rim that came off explains the plates, and not the age of the oil' => [
            $burnt, ['seen' => [...$burnt['seen'], $rim]], 'old-oil', -1,
        ];
        $torn = ['seen' => [...$burnt['seen'], $rim]] + $burnt;
        $tired = ['seen' => [...$burnt['seen'], $rim + ['side' => 'fatigue']]];
        yield 'the rim broke by fatigue: it is the drum' => [$torn, $tired, 'defect@direct-drum', 1];
        yield 'the rim broke by fatigue: nobody overloaded it' => [$torn, $tired, 'overload', -1];
        $rusty = ['seen' => [['place' => 'drive-gear/journal', 'mode' => 'corrosion', 'grade' => 2]]] + self::NOISE;
        yield 'water that a laboratory read' => [$rusty, ['fluid' => ['water']], 'water-let-in', 1];
        yield 'it stood outdoors' => [$rusty, ['history' => ['outdoors' => true]], 'water-let-in', 1];
        $foam = ['fluid' => ['foaming']] + self::NOISE;
        yield 'it foams, and there is too much in it' => [$foam, ['fluid' => ['foaming', 'over-full']], 'serviced-wrongly', 1];
        yield 'it foams, and there is too much in it: no air was drawn in' => [
            $foam, ['fluid' => ['foaming', 'over-full']], 'suction-leak', -1,
        ];
        $burntPlanet = ['family' => 'automatic-transmission', 'complaints' => [['what' => 'noise', 'onset' => 'sudden']], 'seen' => [
            ['place' => 'rear-planet/pinions', 'mode' => 'overheating', 'grade' => 3],
        ]];
        yield 'a planet burnt after it was towed' => [$burntPlanet, ['history' => ['towed' => true]], 'operated-wrongly', 1];
        yield 'a heavier machine was hung on' => [self::NOISE, ['history' => ['power-raised' => true]], 'overload', 1];
        $strainer = ['place' => 'strainer/mesh', 'mode' => 'debris', 'grade' => 2, 'made' => ['steel']];
        yield 'half a needle among the steel' => [
            ['seen' => [$strainer]] + self::REVVED, ['seen' => [['shape' => 'needle'] + $strainer]], 'defect@output-joint', 1,
        ];
        $broken = ['place' => 'output-joint/needles', 'mode' => 'fracture', 'grade' => 3];
        $rusty = ['place' => 'output-joint/needles', 'mode' => 'corrosion', 'grade' => 2];
        yield 'a broken joint that is dry and rusty' => [
            ['seen' => [$broken, $strainer]] + self::REVVED, ['seen' => [$broken, $strainer, $rusty]], 'ungreased@output-joint', 1,
        ];
        yield 'a break that is grey all over' => [
            ['seen' => [$broken]] + self::REVVED, ['seen' => [['side' => 'overload'] + $broken]], 'overload', 1,
        ];
        yield 'a break with rings' => [['seen' => [$broken]] + self::REVVED, ['seen' => [['side' => 'fatigue'] + $broken]], 'overload', -1];
    }

    /**
     * @param array<string, mixed> $case
     * @param array<string, mixed> $more
     */
    #[DataProvider('evidence')]
    public function testItMovesAsTheTradeExpects(array $case, array $more, string $origin, int $way): void
    {
        [$before, $after] = [self::chance($case, $origin), self::chance($more + $case, $origin)];
        self::assertSame($way, $after <=> $before, \sprintf('%s: %.4f, then %.4f', $origin, $before, $after));
        self::assertGreaterThan(0.1 * max($before, $after), abs($after - $before), 'and not by a hair');
    }

    public function testWhatNearlyEveryUnitHasLeadsNoVerdictAndMoreThanThatDoes(): void
    {
        $track = static fn (int $grade): array => [
            'seen' => [['place' => 'body/gear-bore', 'mode' => 'scoring', 'grade' => $grade]],
        ] + self::NOISE;
        $none = self::chance(self::NOISE, 'dirt-let-in');
        self::assertEqualsWithDelta($none, self::chance($track(1), 'dirt-let-in'), 0.15 * $none, 'the track that every pump cuts');
        self::assertGreaterThan(1.5 * $none, self::chance($track(3), 'dirt-let-in'));
    }
}
