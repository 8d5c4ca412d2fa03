<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Books\BookShelf;
use App\Measuring\Gauge;
use App\Measuring\GaugeKind;
use App\Measuring\GaugeRack;
use App\Measuring\Repository\GaugeRepository;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** The register of gauges. */
final class GaugeTest extends AppTestCase
{
    private static function mm(string $text): Quantity
    {
        return Quantity::parse($text, Dimension::Length);
    }

    public function testASizeOutsideOfItsRangeIsTold(): void
    {
        $gauge = new Gauge('Micrometer 25–50', Method::Reading, '0.001 mm', rangeFrom: '25 mm', rangeTo: '2 in');
        self::assertNull($gauge->outOfRange(self::mm('25 mm')));
        self::assertNull($gauge->outOfRange(self::mm('50.8 mm')), '2 in are 50.8 mm');
        self::assertSame('24.99 mm lies outside the range of Micrometer 25–50 (25 mm to 2 in).', $gauge->outOfRange(self::mm('24.99 mm')));
        self::assertNull((new Gauge('Rule'))->outOfRange(self::mm('9 m')), 'a range that was not entered says nothing');
    }

    public function testItsCalibrationIsOverFromTheDayAfterItWasDue(): void
    {
        $gauge = new Gauge('Calliper', calibrationDue: new \DateTimeImmutable('2026-09-02'));
        self::assertFalse($gauge->isOverdue(new \DateTimeImmutable('2026-09-02 23:59')));
        self::assertTrue($gauge->isOverdue(new \DateTimeImmutable('2026-09-03 00:01')));
        self::assertFalse((new Gauge('Rule'))->isOverdue(new \DateTimeImmutable()));
    }

    public function testStepUncertaintyAndRangeAreOfOneKind(): void
    {
        $said = static function (Gauge $gauge): array {
            $said = [];
            foreach (self::service(ValidatorInterface::class)->validate($gauge) as $violation) {
                $said[] = $violation->getPropertyPath();
            }

            return $said;
        };
        self::assertSame([], $said(new Gauge('A', resolution: '0.001 mm', expanded: '0.1 thou', rangeFrom: '0 mm', rangeTo: '1 in')));
        self::assertSame(['rangeTo'], $said(new Gauge('B', resolution: '0.001 mm', rangeTo: '50 bar')));
        self::assertSame(['rangeFrom'], $said(new Gauge('C', resolution: '0.5 bar', rangeFrom: '0')));
        self::assertSame(['resolution'], $said(new Gauge('D', resolution: '5 %')));
    }

    public function testTheBookMeansAGaugeOfTheShopByItsWords(): void
    {
        foreach (['Micrometer 0–25 no. 3', 'Micrometer 25–50 no. 5', 'Bore gauge 18–50 no. 2', 'Depth indicator no. 1'] as $name) {
            $to = str_contains($name, '–25') ? '25 mm' : '50 mm';
            self::em()->persist(new Gauge($name, Method::Reading, '0.001 mm', bench: 'Bench '.\strlen($name) % 2, rangeTo: $to));
        }
        self::em()->persist(new Gauge('Feeler set A', Method::Bracket, '0.01 mm'));
        self::em()->flush();
        $rack = new GaugeRack(self::service(GaugeRepository::class));
        $book = self::service(BookShelf::class)->book('external-gear-pump');
        $meant = static function (string $reference) use ($rack, $book): ?string {
            $field = $book->field($reference);
            self::assertInstanceOf(Field::class, $field);

            return $rack->meant($field)?->name;
        };
        self::assertSame('Micrometer 0–25 no. 3', $meant('front-block/thickness'));
        self::assertSame('Micrometer 25–50 no. 5', $meant('drive-gear/thickness'));
        self::assertSame('Bore gauge 18–50 no. 2', $meant('body/gear-bore'));
        self::assertSame('Depth indicator no. 1', $meant('body/wipe-depth'));
        self::assertSame('Feeler set A', $meant('front-block/flatness'));
        self::assertNull($meant('relief-spring/free-length'), 'there is no calliper here');
        // The words fit, the size does not: a block of 31 mm is not read with a micrometer that ends at 25.
        $field = $book->field('front-block/thickness') ?? self::fail();
        $size = static fn (string $new): Limits => new Limits(null, Quantity::parse($new, Dimension::Length), null);
        self::assertSame('Micrometer 0–25 no. 3', $rack->meant($field, $size('24.9 mm'))?->name);
        self::assertSame('Micrometer 25–50 no. 5', $rack->meant($field, $size('31 mm'))?->name);
        self::assertNull($rack->meant($field, $size('61 mm')), 'none covers it');
        self::assertSame(['Bench 0', 'Bench 1'], $rack->benches());
    }

    public function testEveryKindHasItsName(): void
    {
        $names = array_map(static fn (GaugeKind $kind): string => $kind->label(), GaugeKind::cases());
        self::assertSame(array_unique($names), $names);
    }
}
