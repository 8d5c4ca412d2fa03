<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Family\Duty;
use Japhrex\Core\Family\UnitIs;
use Japhrex\Core\Family\Variant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which units of a family a step of the build is for. */
final class VariantTest extends TestCase
{
    /** @return iterable<string, array{Variant, UnitIs, bool|null}> */
    public static function units(): iterable
    {
        $years = new Variant(from: 2008, to: 2011);
        yield 'the first year' => [$years, new UnitIs(built: 2008), true];
        yield 'the last year' => [$years, new UnitIs(built: 2011), true];
        yield 'a year before' => [$years, new UnitIs(built: 2007), false];
        yield 'a year after' => [$years, new UnitIs(built: 2012), false];
        yield 'nobody knows the year' => [$years, new UnitIs(), null];
        yield 'no end' => [new Variant(from: 2012), new UnitIs(built: 2030), true];
        yield 'its model, however it is written' => [new Variant(models: ['Halvorsund A4']), new UnitIs('HALVORSUND A-4'), true];
        yield 'another model' => [new Variant(models: ['Halvorsund A4']), new UnitIs('Ketterby BX 5'), false];
        yield 'one of two versions' => [new Variant(versions: ['A', 'B']), new UnitIs(version: 'b'), true];
        yield 'a third version' => [new Variant(versions: ['A', 'B']), new UnitIs(version: 'C'), false];
        yield 'turns that way' => [new Variant(rotation: 'left'), new UnitIs(rotation: 'left'), true];
        yield 'turns the other way' => [new Variant(rotation: 'left'), new UnitIs(rotation: 'right'), false];
        yield 'turns both ways: look' => [new Variant(rotation: 'left'), new UnitIs(rotation: 'both'), null];
        yield 'one thing speaks against it, another is not known' => [
            new Variant(models: ['Halvorsund A4'], to: 2011), new UnitIs('Ketterby BX 5'), false,
        ];
        yield 'one thing fits, another is not known' => [
            new Variant(models: ['Halvorsund A4'], to: 2011), new UnitIs('Halvorsund A4'), null,
        ];
        yield 'its duty' => [new Variant(duties: ['brakes']), new UnitIs(duty: 'brakes'), true];
    }

    #[DataProvider('units')]
    public function testForWhichUnitsItIs(Variant $variant, UnitIs $unit, ?bool $is): void
    {
        self::assertSame($is, $variant->isFor($unit));
        self::assertSame(null === $is ? $variant : null, Variant::open($variant, $unit));
    }

    public function testItSaysForWhich(): void
    {
        self::assertSame(
            'Halvorsund A4 or Ketterby BX 5, version C, built since 2012, left-hand rotation, steering',
            (new Variant(['Halvorsund A4', 'Ketterby BX 5'], ['C'], 2012, null, 'left', ['steer']))
                ->says(['steer' => new Duty('steer', 'Steering')]),
        );
        self::assertSame('built up to 2011', (new Variant(to: 2011))->says());
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'years in the wrong order' => [['from' => 2012, 'to' => 2011], 'begins in 2012, after it ends in 2011'];
        yield 'no such rotation' => [['rotation' => 'clockwise'], 'expected left or right'];
        yield 'nothing that tells apart' => [[], 'names no model, version, year'];
    }

    /** @param array<mixed> $for */
    #[DataProvider('wrong')]
    public function testABookThatTellsThemApartBadlyIsRefused(array $for, string $says): void
    {
        $this->expectException(BookError::class);
        $this->expectExceptionMessage($says);
        Variant::of(new Data(['for' => $for]));
    }
}
