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
