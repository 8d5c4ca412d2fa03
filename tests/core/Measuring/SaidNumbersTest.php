<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\SaidNumber;
use Japhrex\Core\Measuring\SaidNumbers;
use Japhrex\Core\Quantity\Dimension;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidNumbersTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function dictated(): iterable
    {
        yield 'words with a unit' => ['The land is thirty-one point nine six millimetres.', ['31.96 mm']];
        yield 'figures with a comma, and a second one' => ['31,95 mm, at the rear 31.93 mm', ['31.95 mm', '31.93 mm']];
        yield 'noughts behind the point' => ['about point oh seven', ['0.07']];
        yield 'hundreds' => ['one hundred and five newton metres', ['105 N·m']];
        yield 'thousands' => ['three thousand two hundred rpm', ['3200 rpm']];
        yield 'two words behind the point' => ['forty point twenty five mm', ['40.25 mm']];
        yield 'the same figure twice behind the point' => ['twelve point five five inches', ['12.55 in']];
        yield 'one of them is no size' => ['One of them is scored, no two alike.', []];
        yield 'part of a name is no size' => ['the S3 and bench2', []];
    }

    /** @param list<string> $typed */
    #[DataProvider('dictated')]
    public function testNumbersAreReadOutOfWhatWasSaid(string $said, array $typed): void
    {
        self::assertSame($typed, array_map(static fn (SaidNumber $one): string => $one->typed(), SaidNumbers::in($said)));
    }

    public function testANumberIsOfferedWhereItsUnitFits(): void
    {
        [$length] = SaidNumbers::in('two thou');
        [$bare] = SaidNumbers::in('12.002');
        self::assertTrue($length->mayBe(Dimension::Length));
        self::assertFalse($length->mayBe(Dimension::Pressure));
        self::assertTrue($bare->mayBe(Dimension::Pressure));
    }
}
