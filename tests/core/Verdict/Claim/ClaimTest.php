<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Verdict\Claim;

use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Japhrex\Core\Verdict\Claim\Deadline;
use Japhrex\Core\Verdict\Claim\Deadlines;
use Japhrex\Core\Verdict\Policy\Edition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The life of a claim, and the days that it has to keep. */
final class ClaimTest extends TestCase
{
    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day);
    }

    private static function step(string $state, string $day, string $words = '', ?string $amount = null): ClaimStep
    {
        return new ClaimStep(ClaimState::from($state), self::day($day), $words, null === $amount ? null : Money::parse($amount));
    }

    /**
     * @return iterable<string, array{
     *     ClaimStep|null, ClaimStep, list<string>, string|null,
     * }> the step before, the step, what is missing, a word of what is said
     */
    public static function steps(): iterable
    {
        yield 'a draft is sent' => [null, self::step('sent', '2026-03-02'), [], null];
        yield 'a draft cannot be paid' => [null, self::step('settled', '2026-03-02', '', '10.00 EUR'), [], 'cannot be settled next'];
        yield 'not without its evidence' => [null, self::step('sent', '2026-03-02'), ['a sample of the oil'], 'a sample of the oil'];
        yield 'unless somebody says why' => [
            null,
            self::step('sent', '2026-03-02', 'the oil was drained at the quay'),
            ['a sample of the oil'],
            null,
        ];
        yield 'not tomorrow' => [null, self::step('sent', '2026-03-11'), [], 'has not come yet'];
        yield 'asked back says what' => [
            self::step('sent', '2026-03-02'),
            self::step('asked-back', '2026-03-05'),
            [],
            'Say what they want to know',
        ];
        yield 'not before it was sent' => [self::step('sent', '2026-03-02'), self::step('accepted', '2026-03-01'), [], 'before 2 Mar 2026'];
        yield 'refused with a reason' => [self::step('sent', '2026-03-02'), self::step('refused', '2026-03-05'), [], 'their reason'];
        yield 'sent again with something new' => [
            self::step('refused', '2026-03-05', 'no sample'),
            self::step('sent', '2026-03-08'),
            [],
            'what is new',
        ];
        yield 'a part is less than all' => [
            self::step('sent', '2026-03-02'),
            self::step('part-accepted', '2026-03-05', 'parts only', '1000.00 EUR'),
            [],
            'all of it',
        ];
        yield 'a part' => [
            self::step('sent', '2026-03-02'),
            self::step('part-accepted', '2026-03-05', 'parts only', '640.00 EUR'),
            [],
            null,
        ];
        yield 'in the same currency' => [
            self::step('sent', '2026-03-02'),
            self::step('part-accepted', '2026-03-05', 'parts only', '640.00 GBP'),
            [],
            'in EUR too',
        ];
        yield 'paid as accepted in part' => [
            self::step('part-accepted', '2026-03-05', 'parts only', '640.00 EUR'),
            self::step('settled', '2026-03-09', '', '640.00 EUR'),
            [],
            null,
        ];
        yield 'paid otherwise, with a word' => [
            self::step('part-accepted', '2026-03-05', 'parts only', '640.00 EUR'),
            self::step('settled', '2026-03-09', '', '600.00 EUR'),
            [],
            '640.00 EUR were accepted',
        ];
        yield 'paid more than claimed' => [
            self::step('accepted', '2026-03-05'),
            self::step('settled', '2026-03-09', 'thanks', '1000.01 EUR'),
            [],
            'more than',
        ];
        yield 'over is over' => [
            self::step('settled', '2026-03-05', '', '5.00 EUR'),
            self::step('sent', '2026-03-09'),
            [],
            'nothing follows',
        ];
    }

    /** @param list<string> $missing */
    #[DataProvider('steps')]
    public function testAStepFollowsAStep(?ClaimStep $last, ClaimStep $step, array $missing, ?string $says): void
    {
        $said = $step->after($last, Money::parse('1000.00 EUR'), $missing, self::day('2026-03-10'));
        if (null === $says) {
            self::assertNull($said);
        } else {
            self::assertStringContainsString($says, (string) $said);
        }
    }

    public function testDaysAreCountedFromTheFailure(): void
    {
        $edition = new Edition(self::day('2025-01-01'), null, false, 24, null, null, [], notice: 14, return: 30);
        // Failed on 20 February 2026: 14 days later is 6 March, 30 days later 22 March (February has 28 days).
        $all = Deadlines::of($edition, [], self::day('2026-02-20'), null, null, null);
        self::assertSame(['2026-03-06', '2026-03-22'], array_map(static fn (Deadline $one): string => $one->by->format('Y-m-d'), $all));
        self::assertSame('4 days left', $all[0]->says(self::day('2026-03-02 17:00')));
        self::assertSame('today', $all[0]->says(self::day('2026-03-06 08:00')));
        self::assertSame('1 day late', $all[0]->says(self::day('2026-03-07')));
        self::assertTrue($all[0]->isLate(self::day('2026-03-07')));
    }

    public function testSendingTheClaimTellsThemOfTheFailure(): void
    {
        $edition = new Edition(self::day('2025-01-01'), null, false, 24, null, null, [], notice: 14);
        $all = Deadlines::of($edition, [self::step('sent', '2026-03-08')], self::day('2026-02-20'), null, null, self::day('2026-04-07'));
        self::assertSame(
            ['done on 8 Mar 2026, 2 days late', '6 days left'],
            array_map(static fn (Deadline $one): string => $one->says(self::day('2026-04-01')), $all),
        );
        self::assertSame('their answer', $all[1]->what);
        self::assertSame(
            [],
            Deadlines::of(null, [self::step('sent', '2026-03-08')], null, null, null, null),
            'where nothing is agreed nothing is watched',
        );
        self::assertCount(
            1,
            Deadlines::of(
                $edition,
                [self::step('sent', '2026-03-08'), self::step('refused', '2026-03-09', 'too late')],
                self::day('2026-02-20'),
                null,
                null,
                self::day('2026-04-07'),
            ),
            'what is over waits for nothing',
        );
    }
}
