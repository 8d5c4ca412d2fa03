<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Model;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\Line;
use Japhrex\Core\Repair\OptionDraft;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\OtherSize;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\PriceList;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RepairPlan;
use Japhrex\Core\Repair\Supply;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** Options that decide otherwise of the same parts: a kit as one, new in the place of machined, a donor, the field, another size. */
final class OptionsTest extends TestCase
{
    private static function book(): Book
    {
        return Books::book('external-gear-pump');
    }

    /**
     * @param array<string, Disposition> $decided
     * @param array<string, array{string, Supply, int}> $prices part => price, supply, days
     */
    private static function draft(array $decided, array $prices): OptionDraft
    {
        $list = [];
        foreach ($prices as $part => [$price, $supply, $days]) {
            $list[] = new Price('external-gear-pump', $part, false, Money::parse($price), $days, $supply);
        }

        return new OptionDraft(
            self::book(), RepairPlan::of(self::book(), $decided), new Rates(Money::parse('64.00 EUR'), 1900), $list, [], [],
        );
    }

    /** @return array<string, string> what => at most */
    private static function lines(OptionDraft $draft, OptionKind $kind): array
    {
        return array_column(
            array_map(static fn (Line $line): array => [$line->what, $line->high->format()], $draft->lines($kind)),
            1,
            0,
        );
    }

    /** @return array<string, array{string, Supply, int}> the six parts of the seal kit at 4.00 EUR each: 24.00 EUR */
    private static function seals(): array
    {
        $parts = ['rear-cover-seal', 'front-cover-seal', 'rear-load-seal', 'front-load-seal', 'shaft-seal', 'seal-circlip'];

        return array_fill_keys($parts, ['4.00 EUR', Supply::Shelf, 0]);
    }

    public function testAKitIsBoughtAsOneWhereItIsNotDearerThanItsParts(): void
    {
        $kit = static fn (string $price): array => self::seals() + ['kit:seal' => [$price, Supply::Shelf, 0]];
        self::assertArrayHasKey('Seal kit', self::lines(self::draft([], $kit('24.00 EUR')), OptionKind::AsItWas));
        self::assertArrayNotHasKey('Shaft seal', self::lines(self::draft([], $kit('24.00 EUR')), OptionKind::AsItWas), 'and not twice');
        self::assertArrayNotHasKey('Seal kit', self::lines(self::draft([], $kit('24.01 EUR')), OptionKind::AsItWas));
        $alone = self::draft([], ['kit:seal' => ['90.00 EUR', Supply::Shelf, 0]]);
        self::assertArrayHasKey('Seal kit', self::lines($alone, OptionKind::AsItWas), 'what has no price of its own comes with the kit');
        self::assertNotContains('shaft-seal', $alone->unpriced());
    }

    public function testASideOfAChoiceThatCostsMoreIsALineOfItsOwn(): void
    {
        $book = self::book();
        $choice = array_key_first($book->upkeep->choices) ?? self::fail('A book without choices.');
        [$first, $second] = array_keys($book->upkeep->choices[$choice]->sides);
        $price = new Price($book->key, "choice:$choice/$second", false, Money::parse('12.50 EUR'), 4, Supply::Order);
        $lines = static fn (string $side): array => self::lines(
            new OptionDraft(
                $book, RepairPlan::of($book, []), new Rates(Money::parse('64.00 EUR'), 1900), [$price], [], [], [$choice => $side],
            ),
            OptionKind::AsItWas,
        );
        $more = $book->upkeep->choices[$choice]->sides[$second]->name.', more than the usual';
        self::assertSame('12.50 EUR', $lines($second)[$more] ?? '');
        self::assertArrayNotHasKey($more, $lines($first), 'the other side was taken');
        [$known] = PriceList::of(
            [['family', 'part', 'price'], ['f', "choice:$choice/$second", '12.50 EUR']],
            ['f' => ["choice:$choice/$second"]],
        );
        self::assertCount(1, $known);
        [, $faults] = PriceList::of([['family', 'part', 'price'], ['f', 'choice:no/such', '12.50 EUR']], ['f' => ['body']]);
        self::assertStringContainsString('choice:CHOICE/SIDE', $faults[0]);
    }

    public function testNewPartsStandInThePlaceOfMachinedOnes(): void
    {
        $prices = ['front-block' => ['86.00 EUR', Supply::Order, 6], 'body' => ['212.00 EUR', Supply::Gone, 0]];
        $decided = ['front-block' => Disposition::Machine, 'body' => Disposition::Machine];
        $new = self::lines(self::draft($decided, $prices), OptionKind::Renewed);
        self::assertSame('86.00 EUR', $new['Front bearing block'] ?? '');
        self::assertArrayNotHasKey('Machining: front bearing block', $new);
        self::assertArrayHasKey('Machining: body', $new, 'what is no longer made is still machined');
        self::assertFalse(self::draft(['body' => Disposition::Machine], $prices)->isPossible(OptionKind::Renewed));
        self::assertFalse(self::draft($decided, $prices)->isPossible(OptionKind::Field), 'nobody machines in the field');
    }

    public function testADonorGivesWhatIsNoLongerMade(): void
    {
        $prices = ['body' => ['212.00 EUR', Supply::Gone, 0], 'donor' => ['140.00 EUR', Supply::Order, 10]];
        $lines = self::lines(self::draft(['body' => Disposition::Replace], $prices), OptionKind::Donor);
        self::assertSame('140.00 EUR', $lines['Donor unit'] ?? '');
        self::assertArrayNotHasKey('Body', $lines);
        self::assertFalse(self::draft([], [])->isPossible(OptionKind::Donor));
        self::assertStringContainsString('every part of it is read', OptionKind::Donor->risk());
    }

    /** An hour at 64.00 EUR takes at most half as long again: 96.00 EUR. */
    public function testTheFieldTakesHalfAsLongAgain(): void
    {
        $hours = self::book()->upkeep->hours['strip'];
        $lines = array_values(array_filter(
            self::draft([], [])->lines(OptionKind::Field),
            static fn (Line $line): bool => 'Strip' === $line->what,
        ));
        self::assertEqualsWithDelta(1.5 * $hours, $lines[0]->hours, 1e-9);
        self::assertEqualsWithDelta(9600 * $hours, $lines[0]->high->minor, 0.5);
    }

    public function testWhatTakesLongIsNamedAtOnceAndWhatWeMakeIsASupply(): void
    {
        $draft = self::draft(['body' => Disposition::Replace], ['body' => ['212.00 EUR', Supply::Order, 42]]);
        self::assertSame(['body'], $draft->longLead(14));
        self::assertSame([], $draft->longLead(43));
        [$prices, $faults] = PriceList::of(
            [['family', 'part', 'price', 'supply'], ['external-gear-pump', 'body', '80.00 EUR', 'make']],
            ['external-gear-pump' => ['body']],
        );
        self::assertSame([[], 'we make it'], [$faults, $prices[0]->supply->label()]);
    }

    /** 16.6 of 28.7 cm³ is 57.8 %; the torque at one pressure goes with it. */
    public function testAnotherSizeTellsItsFlowItsTorqueAndWhatHasToFit(): void
    {
        $sizes = OtherSize::of(self::book(), self::book()->model('Vintrey G28') ?? self::fail('The book has it.'));
        self::assertSame(['Dunmarrow P-25', 'Vintrey G17'], array_map(static fn (OtherSize $one): string => $one->model->name(), $sizes));
        self::assertEqualsWithDelta(16.6 / 28.7, $sizes[1]->flow, 1e-9);
        self::assertEqualsWithDelta(16.6 / 28.7, $sizes[1]->torque, 1e-9);
        self::assertSame(['gear width', 'shaft diameter', 'body length', 'seal bore'], array_keys($sizes[1]->differs));
        self::assertSame(['26 mm', '15 mm'], $sizes[1]->differs['gear width']);
        self::assertArrayHasKey('rotation', $sizes[0]->differs);
        self::assertSame([], OtherSize::of(self::book(), new Model('Vintrey', 'G99', [])), 'of what nobody knows nothing is told');
    }
}
