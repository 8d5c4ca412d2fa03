<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Diagnose;

use Japhrex\Core\Chain\Diagnose\CommandLine;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** What the finds say as a whole: one origin, one for each complaint, none that stands out, or that it is not the unit. */
#[Group('slow')]
final class ConclusionTest extends TestCase
{
    private const GEARS = [
        'suction-strainer', 'suction-fitting', 'relief-valve', 'relief-spring', 'rear-load-seal', 'front-load-seal', 'rear-block',
        'front-block', 'rear-bushes', 'front-bushes', 'drive-gear', 'driven-gear', 'body', 'cover-screws',
    ];

    private const SLOW = ['family' => 'external-gear-pump', 'complaints' => [['what' => 'low-flow', 'hot' => true]]];

    private const READ = [
        ['field' => 'front-block/thickness', 'verdict' => 'within'], ['field' => 'drive-gear/thickness', 'verdict' => 'within'],
    ];

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function cases(): iterable
    {
        yield 'sand in strainer, bore and rollers, all else clean' => [[
            'family' => 'roller-pump', 'complaints' => [['what' => 'low-flow', 'onset' => 'creeping']], 'history' => ['hours' => 300],
            'seen' => [
                ['place' => 'strainer', 'mode' => 'debris', 'grade' => 4, 'made' => ['sand']],
                ['place' => 'body/bore', 'mode' => 'scoring', 'grade' => 4], ['place' => 'rollers/side', 'mode' => 'scoring', 'grade' => 3],
                ['place' => 'rollers/side', 'mode' => 'embedding', 'grade' => 3],
            ],
            'clean' => [
                'front-bearing', 'rear-bearing', 'relief', 'relief-spring', 'shaft', 'end-plate-screws', 'hose-fittings', 'plate-ring',
            ],
        ], 'decided'];
        yield 'a damper in pieces and a cooler eaten through' => [[
            'family' => 'reversing-gearbox',
            'complaints' => [['what' => 'noise', 'onset' => 'sudden'], ['what' => 'water', 'onset' => 'creeping']],
            'seen' => [
                ['place' => 'damper/springs', 'mode' => 'fracture', 'grade' => 4],
                ['place' => 'cooler/core', 'mode' => 'corrosion', 'grade' => 4], ['place' => 'cooler', 'mode' => 'fracture', 'grade' => 4],
            ],
            'fluid' => ['water'],
            'clean' => ['output-seal', 'input-seal', 'case', 'pump', 'pinions', 'gears', 'tapers', 'output-joint', 'thrust-faces', 'shims'],
        ], 'several'];
        yield 'everything that the flow hangs on is clean and within' => [
            self::SLOW + ['clean' => self::GEARS, 'readings' => self::READ],
            'unit-sound',
        ];
        yield 'all clean to the eye, and nothing read' => [self::SLOW + ['clean' => self::GEARS], 'open'];
        yield 'all clean, one size within and the pressure below' => [
            self::SLOW + [
                'clean' => self::GEARS,
                'readings' => [...self::READ, ['verdict' => 'outside', 'direction' => 'pressure-low']],
            ],
            'open or decided',
        ];
        yield 'half of it looked at' => [self::SLOW + ['clean' => \array_slice(self::GEARS, 0, 7), 'readings' => self::READ], 'open'];
        yield 'clean but for a scored bush' => [
            self::SLOW + [
                'clean' => array_values(array_diff(self::GEARS, ['front-bushes'])), 'readings' => self::READ,
                'seen' => [['place' => 'front-bushes/bore', 'mode' => 'scoring', 'grade' => 3]],
            ],
            'open or decided',
        ];
        yield 'a complaint and no look' => [self::SLOW, 'open'];
        yield 'a complaint of a unit that came in a box, washed' => [self::SLOW + ['history' => ['came-apart' => true]], 'lost'];
    }

    /** @param array<string, mixed> $case */
    #[DataProvider('cases')]
    public function testTheFindsSayAsMuchAsTheyCan(array $case, string $expected): void
    {
        $books = static fn (string $pattern): array => array_values(Books::files($pattern));
        $read = static fn (string $file): string => Yaml::dump($case, 6);
        [, $out] = (new CommandLine($read, Yaml::parse(...), $books, static fn (): float => 0.0))->run(['case', '--json']);
        /** @var array{why: string, says: string, hangs-on: string, candidates: list<array{said: float}>} $answer */
        $answer = json_decode($out, true);
        self::assertContains($answer['why'], explode(' or ', $expected), $out);
        self::assertSame(['several' => 'decided', 'lost' => 'open'][$answer['why']] ?? $answer['why'], $answer['says']);
        // With no find nothing can hang on one, and with five that tell the same none of them carries the rest.
        self::assertSame(1 === \count((array) ($case['seen'] ?? [])), '' !== $answer['hangs-on'] && 'several' !== $expected, $out);
        $sure = array_column($answer['candidates'], 'said');
        self::assertLessThanOrEqual(1.0001, array_sum($sure), 'it was one of them, or another');
    }
}
