<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Chain\Ground\DebrisAct;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\Estimate;
use Japhrex\Core\Repair\Lasting;
use Japhrex\Core\Repair\Line;
use Japhrex\Core\Repair\OptionDraft;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\Outside;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\PriceList;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RepairPlan;
use Japhrex\Core\Repair\Supply;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** From what becomes of the parts to what each option costs. */
final class RepairTest extends TestCase
{
    private static function book(): Book
    {
        return Books::book('external-gear-pump');
    }

    private static function price(string $part, string $price, int $days = 0, bool $upgrade = false, Supply $supply = Supply::Order): Price
    {
        return new Price('external-gear-pump', $part, $upgrade, Money::parse($price), $days, $supply);
    }

    /**
     * @param array<string, Disposition> $decided
     * @param list<Price> $prices
     * @param list<string> $undecided
     */
    private static function draft(array $decided, array $prices, array $undecided = []): OptionDraft
    {
        return new OptionDraft(
            self::book(),
            RepairPlan::of(self::book(), $decided),
            new Rates(Money::parse('64.00 EUR'), 1900),
            $prices,
            $undecided,
            [new Reached('body', 'suction-strainer', DebrisAct::TakeApart, false)],
        );
    }

    public function testOneOfAPairAloneIsWarnedOf(): void
    {
        $book = self::book();
        $pair = $book->pairs[0]->parts;
        $says = array_column(RepairPlan::of($book, [$pair[0] => Disposition::Replace, $pair[1] => Disposition::Reuse])->warnings, 'says');
        self::assertStringContainsString('new, ', implode(' ', $says));
        self::assertNotContains(
            $pair,
            array_column(RepairPlan::of($book, array_fill_keys($pair, Disposition::Replace))->warnings, 'parts'),
        );
        self::assertNotContains(
            $pair,
            array_column(RepairPlan::of($book, [$pair[0] => Disposition::Replace, $pair[1] => Disposition::Machine])->warnings, 'parts'),
            'machined anew it has no wear to run in to',
        );
    }

    public function testWhatTheBookNeverReusesIsReplacedThoughNobodySaidSo(): void
    {
        $plan = RepairPlan::of(self::book(), ['shaft-seal' => Disposition::Reuse]);
        self::assertNotContains('shaft-seal', $plan->byTheBook);
        self::assertContains('front-cover-seal', $plan->byTheBook);
        self::assertStringContainsString('which the book never allows', implode(' ', array_column($plan->warnings, 'says')));
    }

    public function testAKitServesWhenHalfOfItIsReplacedAndWhatIsNotInItIsNamed(): void
    {
        $plan = RepairPlan::of(self::book(), ['drive-gear' => Disposition::Replace, 'driven-gear' => Disposition::Replace]);
        self::assertNotSame([], $plan->kits, 'the seals alone make the seal kit');
        self::assertContains('drive-gear', $plan->loose);
        self::assertSame([], array_intersect($plan->loose, $plan->kits[0]->kit->parts));
    }

    public function testPartsHoursAndCleaningMakeTheEstimate(): void
    {
        $lines = self::draft(
            ['front-block' => Disposition::Replace],
            [self::price('front-block', '86.00 EUR', 6)],
        )->lines(OptionKind::AsItWas);
        // Book: 0.8 + 1.0 + 1.0 + 0.6 h = 3.4 h; two settings of a quarter hour; one place cleaned in a quarter hour: 4.15 h at 64.00 =
        // 265.60; with the block 351.60.
        $all = Estimate::of($lines, 'EUR', 1900, 6.0);
        self::assertEqualsWithDelta(4.15, $all->hours, 1e-9);
        self::assertSame('351.60 EUR', $all->low->format());
        // 19 % of 351.60 is 66.804.
        self::assertSame('418.40 EUR', $all->grossLow()->format());
        self::assertSame(7, $all->days, 'six days for the part, then one for 4.15 hours');
    }

    public function testWhatNobodyHasDecidedIsInTheRange(): void
    {
        $all = Estimate::of(self::draft([], [self::price('body', '210.00 EUR')], ['body'])->lines(OptionKind::AsItWas), 'EUR', 0, 6.0);
        self::assertSame('210.00 EUR', $all->high->plus(Money::ofMinor(-$all->low->minor, 'EUR'))->format());
    }

    public function testTheCureTakesTheBetterVersionAndTheExchangeUnitHasToBeHad(): void
    {
        $draft = self::draft(
            ['coupling' => Disposition::Upgrade],
            [self::price('coupling', '40.00 EUR'), self::price('coupling', '95.00 EUR', 0, true)],
        );
        self::assertSame('40.00 EUR', $draft->lines(OptionKind::AsItWas)[0]->low->format());
        self::assertSame('95.00 EUR', $draft->lines(OptionKind::Cured)[0]->low->format());
        self::assertTrue($draft->isPossible(OptionKind::Cured));
        self::assertFalse($draft->isPossible(OptionKind::Exchange), 'no price of a unit');
    }

    public function testWhatIsNoLongerMadeIsNamedWithItsWays(): void
    {
        $draft = self::draft(['body' => Disposition::Replace], [self::price('body', '210.00 EUR', supply: Supply::Gone)]);
        self::assertSame(['body'], $draft->gone());
        self::assertCount(3, Supply::Gone->ways());
        self::assertContains('shaft-seal', $draft->unpriced(), 'the book replaces it, and nobody gave a price');
    }

    public function testAPriceListIsTakenWholeOrNotAtAll(): void
    {
        $known = ['external-gear-pump' => ['body', 'shaft-seal']];
        [$prices, $faults] = PriceList::of(
            [
                ['Family', 'Part', 'Price', 'Days'],
                ['external-gear-pump', 'body', '210,50 EUR', '4'],
                ['', '', '', ''],
                ['external-gear-pump', 'unit', '640.00 EUR'],
            ],
            $known,
        );
        self::assertSame([], $faults);
        self::assertSame(['210.50 EUR', '640.00 EUR'], array_map(static fn (Price $one): string => $one->price->format(), $prices));
        [$prices, $faults] = PriceList::of(
            [
                ['family', 'part', 'price', 'days', 'supply'],
                ['external-gear-pump', 'body', 'cheap'],
                ['wheel', 'body', '1.00 EUR'],
                ['external-gear-pump', 'bodi', '1.00 EUR'],
                ['external-gear-pump', 'body', '1.00 EUR', 'soon'],
                ['external-gear-pump', 'body', '1.00 EUR', '1', 'maybe'],
                ['external-gear-pump', 'body', '1.00 EUR'],
                ['external-gear-pump', 'body', '2.00 EUR'],
            ],
            $known,
        );
        self::assertSame([], $prices);
        foreach (
            [
                'Line 2: "cheap"',
                'Line 3: there is no family',
                'Line 4: external-gear-pump has no part “bodi”',
                'Line 5: “soon”',
                'Line 6: “maybe”',
                'Line 8: this part has a price already',
            ] as $i => $says
        ) {
            self::assertStringContainsString($says, $faults[$i]);
        }
    }

    public function testAWrongColumnIsNamed(): void
    {
        self::assertStringContainsString('the column price is missing', PriceList::of([['family', 'part', 'cost']], [])[1][0]);
        self::assertStringContainsString('no column “colour”', PriceList::of([['family', 'part', 'price', 'colour']], [])[1][0]);
        self::assertStringContainsString('no price in it', PriceList::of([['family', 'part', 'price']], [])[1][0]);
    }

    public function testALineIsRefusedThatCannotBe(): void
    {
        foreach (
            [
                [['', 'part', '1 EUR', '1 EUR'], 'says what it is for'],
                [['A', 'luck', '1 EUR', '1 EUR'], 'no kind'],
                [['A', 'part', '2 EUR', '1 EUR'], 'smaller amount'],
                [['A', 'part', '1 EUR', '1 GBP'], 'one currency'],
            ] as [[$what, $kind, $low, $high], $says]
        ) {
            try {
                new Line($what, $kind, Money::parse($low), Money::parse($high));
                self::fail($says);
            } catch (\DomainException $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    public function testItLastsAsLongAsItsMostWornPart(): void
    {
        // 2400 h took 60 % of the body and 20 % of the gear: the body has 2400 · 0.4 / 0.6 = 1600 h left.
        $worn = Lasting::of(2400.0, ['gear' => 0.2, 'body' => 0.6]);
        self::assertSame('body', $worn?->part);
        self::assertEqualsWithDelta(1600.0, $worn->left, 1e-6);
        self::assertSame(
            'About 1 600 h by wear: body goes back in and reaches its limit first.',
            Lasting::says(2400.0, ['body' => 0.6], ucfirst(...)),
        );
        self::assertStringContainsString('no length can be promised', Lasting::says(2400.0, ['body' => 0.99], ucfirst(...)));
        self::assertNull(Lasting::of(2400.0, ['gear' => 0.0]));
        self::assertNull(Lasting::of(0.0, ['gear' => 0.5]));
    }

    public function testWhatWasWrongInsideGoesWithTheRepairAndWhatCameFromOutsideStays(): void
    {
        $book = Books::book('external-gear-pump');
        self::assertFalse(Outside::stays(OriginKind::AssemblyError, $book), 'screws that are tight now');
        self::assertFalse(Outside::stays(OriginKind::PartDefect, $book));
        self::assertTrue(Outside::stays(OriginKind::Contamination, $book), 'the tank is as dirty as before');
        self::assertTrue(Outside::stays(OriginKind::DesignWeakness, $book), 'the new part is as weak');
        self::assertSame('It lasted 840 h until this failure.', Lasting::asBefore('840 h', false));
        self::assertStringContainsString('no longer is to be expected', Lasting::asBefore('840 h', true));
        self::assertSame('', Lasting::asBefore('', true));
    }
}
