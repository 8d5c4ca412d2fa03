<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Verdict;

use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Verdict\Policy\ClaimFacts;
use Japhrex\Core\Verdict\Policy\ClauseLine;
use Japhrex\Core\Verdict\Policy\Policy;
use Japhrex\Core\Verdict\Policy\PolicyError;
use Japhrex\Core\Verdict\Policy\PolicyFactory;
use Japhrex\Core\Verdict\Policy\PolicyRules;
use Japhrex\Core\Verdict\Policy\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Policies and facts, worked out by hand with a calendar. */
final class PolicyTest extends TestCase
{
    /** @param array<string, mixed> $edition in the place of what the edition has */
    private static function policy(array $edition = [], mixed ...$more): Policy
    {
        $first = $edition + [
            'valid' => ['from' => '2024-01-01', 'to' => '2025-12-31'],
            'period' => ['from' => 'delivery', 'months' => 24, 'hours' => '4000 h'],
            'covers' => ['parts', 'labour'],
            'excludes' => ['contamination', 'neglected-service', 'wear-out'],
            'deductible' => '150 EUR', 'notice' => 14, 'proofs' => ['hours-proven', 'photos-unaltered'],
        ];

        return (new PolicyFactory())->policy(
            ['policy' => 'pellam-new', 'name' => 'Pellam, new units', 'kind' => 'maker', 'editions' => [$first, ...array_values($more)]]
        );
    }

    private static function day(?string $day): ?\DateTimeImmutable
    {
        return null === $day ? null : new \DateTimeImmutable($day);
    }

    /** @param array<string, bool> $proofs */
    private static function facts(
        ?string $delivered = '2024-03-15',
        ?string $failed = '2025-06-01',
        ?string $told = '2025-06-10',
        ?float $hours = 1800.0,
        ?OriginKind $origin = OriginKind::PartDefect,
        array $proofs = ['hours-proven' => true, 'photos-unaltered' => true],
        bool $causeNotFound = false,
    ): ClaimFacts {
        return new ClaimFacts(
            self::day($delivered),
            null,
            self::day($failed),
            self::day($told),
            $hours,
            null,
            $origin,
            $causeNotFound,
            $proofs,
        );
    }

    /** @return iterable<string, array{ClaimFacts, Standing, string}> */
    public static function cases(): iterable
    {
        yield 'a defect in time' => [self::facts(), Standing::Covered, 'failed on 1 Jun 2025, the period ends on 15 Mar 2026'];
        yield 'on its last day' => [
            self::facts(failed: '2026-03-15', told: '2026-03-15'),
            Standing::Covered,
            'the period ends on 15 Mar 2026',
        ];
        yield 'a day too late' => [self::facts(failed: '2026-03-16', told: '2026-03-17'), Standing::NotCovered, 'failed on 16 Mar 2026'];
        yield 'too many hours' => [self::facts(hours: 4000.5), Standing::NotCovered, '4000.5 h until it failed'];
        yield 'just as many as allowed' => [self::facts(hours: 4000.0), Standing::Covered, '4000 h until it failed'];
        yield 'a cause that is excluded' => [
            self::facts(origin: OriginKind::Contamination),
            Standing::NotCovered,
            'origin: contamination let in',
        ];
        yield 'told on the fourteenth day' => [self::facts(told: '2025-06-15'), Standing::Covered, '14 days after it failed'];
        yield 'told on the fifteenth' => [self::facts(told: '2025-06-16'), Standing::NotCovered, '15 days after it failed'];
        yield 'delivered before any edition' => [
            self::facts(delivered: '2023-12-31'),
            Standing::NotCovered,
            'no edition of this policy was in force then',
        ];
        yield 'delivery not known' => [self::facts(delivered: null), Standing::Open, 'when it was delivered'];
        yield 'hours not known' => [self::facts(hours: null), Standing::Open, 'the hours until it failed'];
        yield 'hours not proven' => [
            self::facts(proofs: ['hours-proven' => false, 'photos-unaltered' => true]),
            Standing::NotCovered,
            'not there',
        ];
        yield 'nobody has looked whether they are proven' => [
            self::facts(proofs: ['photos-unaltered' => true]),
            Standing::Open,
            'hours or distance proven',
        ];
        yield 'cause not found' => [self::facts(origin: null, causeNotFound: true), Standing::Open, 'none is proved'];
        yield 'failed before it was delivered' => [
            self::facts(failed: '2024-03-01', told: '2024-03-02'),
            Standing::Open,
            'one of the two days is wrong',
        ];
    }

    #[DataProvider('cases')]
    public function testACaseIsPutToEachClause(ClaimFacts $facts, Standing $standing, string $fact): void
    {
        $judged = PolicyRules::judge(self::policy(), $facts);
        self::assertSame(
            $standing,
            $judged->standing(),
            implode('; ', array_map(static fn (ClauseLine $line): string => $line->clause.': '.$line->fact, $judged->lines)),
        );
        $facts = array_map(static fn (ClauseLine $line): string => $line->fact, $judged->lines);
        self::assertStringContainsString($fact, implode('; ', $facts));
        self::assertSame(Standing::Open === $standing, [] !== $judged->missing() && Standing::NotCovered !== $standing);
    }

    public function testOneClauseThatSaysNoIsEnoughHoweverMuchIsOpen(): void
    {
        self::assertSame(
            Standing::NotCovered,
            PolicyRules::judge(self::policy(), self::facts(told: null, hours: null, origin: OriginKind::WearOut))->standing(),
        );
    }

    /** @return iterable<string, array{string, int, string}> the last day of a period, by the calendar */
    public static function periods(): iterable
    {
        yield 'the same day of the month' => ['2024-03-15', 24, '2026-03-15'];
        yield 'a month without that day' => ['2024-08-31', 6, '2025-02-28'];
        yield 'a leap year' => ['2023-08-31', 6, '2024-02-29'];
        yield 'from a leap day' => ['2024-02-29', 12, '2025-02-28'];
        yield 'over the year' => ['2025-11-30', 3, '2026-02-28'];
    }

    #[DataProvider('periods')]
    public function testAPeriodEndsOnTheSameDayOfTheMonthOrOnItsLast(string $start, int $months, string $last): void
    {
        $policy = self::policy(['period' => ['from' => 'delivery', 'months' => $months], 'valid' => ['from' => '2020-01-01']]);
        self::assertSame($last, $policy->editions[0]->lastDay(new \DateTimeImmutable($start))?->format('Y-m-d'));
    }

    public function testOurRepairsRunFromTheDayOfFitting(): void
    {
        $own = self::policy(
            [
                'period' => ['from' => 'fitting', 'months' => 6],
                'valid' => ['from' => '2024-01-01'],
                'excludes' => ['overload'],
                'notice' => 30,
                'proofs' => [],
            ]
        );
        $facts = new ClaimFacts(
            self::day('2015-05-01'),
            self::day('2026-01-20'),
            self::day('2026-07-20'),
            self::day('2026-07-21'),
            origin: OriginKind::LeftoverDebris,
        );
        self::assertSame(Standing::Covered, PolicyRules::judge($own, $facts)->standing());
        self::assertSame(
            [
                'fitted on 20 Jan 2026',
                'failed on 20 Jul 2026, the period ends on 20 Jul 2026',
                'origin: leftover debris of an earlier failure',
                'told on 21 Jul 2026, 1 day after it failed',
            ],
            array_map(static fn (ClauseLine $line): string => $line->fact, PolicyRules::judge($own, $facts)->lines),
        );
    }

    public function testAPolicyIsForTheUnitsOfItsMakerAndOursForWhatWeRepaired(): void
    {
        $of = static fn (string $kind, string $maker): Policy => new Policy('p', 'P', $kind, $maker, []);
        self::assertTrue($of('maker', 'Pellam')->isFor(' pellam', false));
        self::assertFalse($of('maker', 'Pellam')->isFor('Dunmarrow', true));
        self::assertTrue($of('supplier', '')->isFor('Dunmarrow', false));
        self::assertFalse($of('own-repair', '')->isFor('Pellam', false), 'it was never repaired here');
        self::assertTrue($of('own-repair', '')->isFor('Pellam', true));
    }

    public function testTheEditionOfTheDeliveryCounts(): void
    {
        $policy = self::policy(
            [],
            ['valid' => ['from' => '2026-01-01'], 'period' => ['from' => 'delivery', 'months' => 12], 'covers' => ['parts']],
        );
        self::assertSame(24, PolicyRules::judge($policy, self::facts(delivered: '2025-12-31'))->edition?->months);
        self::assertSame(12, PolicyRules::judge($policy, self::facts(delivered: '2026-01-01', failed: '2026-02-01'))->edition?->months);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        yield 'a hole' => ['2026-01-02', 'the edition before it ends on 2025-12-31: nothing is in force between'];
        yield 'an overlap' => ['2025-12-31', 'while the edition before it is in force until 2025-12-31: two editions for one day'];
        yield 'no day' => ['2026-02-30', '“2026-02-30” is no day'];
    }

    #[DataProvider('faults')]
    public function testEditionsFollowEachOtherWithoutHoleOrOverlap(string $from, string $said): void
    {
        $this->expectException(PolicyError::class);
        $this->expectExceptionMessage($said);
        self::policy([], ['valid' => ['from' => $from], 'period' => ['from' => 'delivery', 'months' => 12], 'covers' => ['parts']]);
    }

    public function testWhatHasNoEndAndWhatIsNoMoneyAreRefused(): void
    {
        foreach (
            [
                [['period' => ['from' => 'delivery']], 'has no end'],
                [['deductible' => 'a little'], 'is no amount of money'],
                [['period' => ['from' => 'delivery', 'hours' => '4000 bar']], 'is no unit of time'],
            ] as [$edition, $said]
        ) {
            try {
                self::policy($edition);
                self::fail($said);
            } catch (PolicyError $e) {
                self::assertStringContainsString($said, $e->getMessage());
                self::assertStringStartsWith('editions/0/', $e->path);
            }
        }
    }
}
