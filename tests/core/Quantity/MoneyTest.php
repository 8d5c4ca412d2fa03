<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Quantity;

use Japhrex\Core\Quantity\Money;
use PHPUnit\Framework\TestCase;

final class MoneyTest extends TestCase
{
    public function testAmountsAreCountedInWholeCents(): void
    {
        self::assertSame('0.30 EUR', Money::parse('0.10 EUR')->plus(Money::parse('0,2 eur'))->format());
        self::assertSame('-12.05 EUR', Money::parse('-12.05 EUR')->format());
        self::assertSame('12.50 SEK', Money::parse(' 12,5 ', 'SEK')->format(), 'what names no currency is in the shop\'s');
        self::assertSame('12.50 EUR', Money::parse('12,5 EUR', 'SEK')->format());
    }

    public function testTaxIsRoundedToTheCentHalfUp(): void
    {
        // 19 % of 10.50 is 1.995; 7.7 % of 0.65 is 0.05005; 1.25 h at 64.00 is 80.00.
        self::assertSame('2.00 EUR', Money::parse('10.50 EUR')->ofTenThousand(1900)->format());
        self::assertSame('0.05 EUR', Money::parse('0.65 EUR')->ofTenThousand(770)->format());
        self::assertSame('80.00 EUR', Money::parse('64 EUR')->ofTenThousand(12500)->format());
        self::assertSame('-2.00 EUR', Money::parse('-10.50 EUR')->ofTenThousand(1900)->format());
        self::assertSame('31.50 EUR', Money::parse('10.50 EUR')->times(3)->format());
    }

    public function testTwoCurrenciesAreNotAdded(): void
    {
        $this->expectExceptionMessage('cannot be added');
        Money::ofMinor(100, 'EUR')->plus(Money::ofMinor(100, 'SEK'));
    }

    public function testTenthsOfACentAreRefused(): void
    {
        $this->expectExceptionMessage('no amount of money');
        Money::parse('1.005 EUR');
    }
}
