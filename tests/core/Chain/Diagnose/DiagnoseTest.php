<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Diagnose;

use Japhrex\Core\Chain\Diagnose\CommandLine;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * A case told in a file, and the engine's answer to it.
 *
 * @phpstan-type Answer array{
 *     error: string, place: string, complaints: list<array{what: string, origin: string, unexplained: float}>,
 *     candidates: list<array{origin: string, place: string, chance: float, brought: float}>,
 *     theories: list<array{origin: string, answer: string}>,
 *     places: array<string, array{surfaces: list<string>}>, history: array<string, string>, origins: array<string, string>,
 * }
 */
final class DiagnoseTest extends TestCase
{
    private const SAND = [
        'family' => 'roller-pump',
        'complaints' => [['what' => 'low-flow', 'onset' => 'creeping']],
        'seen' => [
            ['place' => 'body/bore', 'mode' => 'scoring', 'grade' => 4],
            ['place' => 'rollers/side', 'mode' => 'scoring', 'grade' => 3],
            ['place' => 'strainer', 'mode' => 'debris', 'grade' => 3, 'made' => ['sand']],
        ],
        'clean' => ['front-bearing', 'quick-coupler', 'relief', ['place' => 'strainer/mesh', 'mode' => 'fracture', 'how' => 'glass']],
        'history' => ['hours' => 300],
        'theories' => [['origin' => 'misaligned'], ['origin' => 'dirt-let-in']],
    ];

    /**
     * @param array<mixed>|string $case
     *
     * @return array{int, Answer}
     */
    private static function diagnose(array|string $case, string ...$more): array
    {
        $books = static fn (string $pattern): array => array_values(Books::files($pattern));
        [$exit, $out] = (new CommandLine(
            static fn (string $file): ?string => 'case' === $file ? (\is_string($case) ? $case : Yaml::dump($case, 6)) : null,
            Yaml::parse(...),
            $books,
            static fn (): float => 0.0,
        ))->run([...([] === $more ? ['case'] : array_values($more)), '--json']);
        /** @var Answer $answer */
        $answer = json_decode($out, true);

        return [$exit, $answer];
    }

    public function testSandInTheStrainerIsDirtLetInAndTheAnswerHasItsShape(): void
    {
        [$exit, $answer] = self::diagnose(self::SAND);
        self::assertSame(0, $exit);
        self::assertSame(
            ['says', 'why', 'hangs-on', 'complaints', 'candidates', 'beside', 'looks', 'theories', 'seconds'],
            array_keys($answer),
        );
        self::assertSame('dirt-let-in', $answer['candidates'][0]['origin']);
        self::assertSame('low-flow', $answer['complaints'][0]['what']);
        self::assertSame('dirt-let-in', $answer['complaints'][0]['origin']);
        self::assertEqualsWithDelta(
            1.0,
            $answer['complaints'][0]['unexplained'] + array_sum(array_column($answer['candidates'], 'brought')),
            0.15,
            'what the origins did, and what none of them did',
        );
        self::assertSame(['misaligned', 'dirt-let-in'], array_column($answer['theories'], 'origin'));
        self::assertSame(['refuted', 'supported'], array_column($answer['theories'], 'answer'));
        self::assertSame(self::diagnose(self::SAND), [$exit, $answer], 'the same case, the same answer');
    }

    /** Bought worn, looked over, nothing complained of: a trace may be nothing, and then nobody brought it about. */
    public function testNobodyBroughtMoreAboutThanHeWasThere(): void
    {
        [, $answer] = self::diagnose([
            'family' => 'roller-pump', 'complaints' => [], 'history' => ['hours' => 900],
            'seen' => [['place' => 'body/bore', 'mode' => 'scoring', 'grade' => 1]],
            'clean' => ['front-bearing', 'rear-bearing', 'quick-coupler', 'relief', 'strainer', 'rollers'],
        ]);
        self::assertNotSame([], $answer['candidates']);
        foreach ($answer['candidates'] as $one) {
            self::assertLessThanOrEqual($one['chance'] + 1e-9, $one['brought'], $one['origin'].' '.$one['place']);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is wrong, where, and what is said */
    public static function wrong(): iterable
    {
        yield 'a family that is none' => [['family' => 'roller-pmp'], 'family', 'near it are roller-pump'];
        yield 'a complaint that is none' => [['complaints' => [['what' => 'low-flo']]], 'complaints/0/what', 'near it are low-flow'];
        yield 'an onset that is none' => [
            ['complaints' => [['what' => 'low-flow', 'onset' => 'soon']]], 'complaints/0/onset', 'sudden, creeping',
        ];
        yield 'a place that is none' => [['seen' => [['place' => 'body/bor', 'mode' => 'scoring']]], 'seen/0/place', 'body/bore'];
        yield 'a kind of damage that is none' => [['seen' => [['place' => 'body/bore', 'mode' => 'scorn']]], 'seen/0/mode', 'scoring'];
        yield 'a grade beyond the scale' => [
            ['seen' => [['place' => 'body/bore', 'mode' => 'scoring', 'grade' => 5]]], 'seen/0/grade', 'from 1 to 4',
        ];
        yield 'a key that is none' => [['seen' => [['place' => 'body/bore', 'mode' => 'scoring', 'garde' => 2]]], 'seen/0/garde', 'grade'];
        yield 'a history that is none' => [['history' => ['ran-dri' => true]], 'history/ran-dri', 'ran-dry'];
        yield 'hours that are no number' => [['history' => ['hours' => 'many']], 'history/hours', 'a number'];
        yield 'an origin of a part without its part' => [
            ['theories' => [['origin' => 'misfitted']]], 'theories/0/place', 'place of this book',
        ];
        yield 'what is no list' => [['clean' => 'strainer'], 'clean', 'a list'];
        yield 'a reading that is none' => [
            ['readings' => [['field' => 'rollers/lenght', 'verdict' => 'outside']]], 'readings/0/field', 'rollers/length',
        ];
    }

    /** @param array<string, mixed> $changed */
    #[DataProvider('wrong')]
    public function testWhatIsUnknownIsRefusedByItsPlaceWithTheNearestNames(array $changed, string $place, string $says): void
    {
        [$exit, $answer] = self::diagnose($changed + self::SAND);
        self::assertSame([2, $place], [$exit, $answer['place']]);
        self::assertStringContainsString($says, $answer['error']);
    }

    public function testTheWordsOfABookAreThoseInWhichACaseIsTold(): void
    {
        [$exit, $words] = self::diagnose('', '--words', 'roller-pump');
        self::assertSame(0, $exit);
        self::assertContains('bore', $words['places']['body']['surfaces']);
        self::assertArrayHasKey('ran-dry', $words['history']);
        self::assertArrayHasKey('misfitted', $words['origins']);
    }
}
