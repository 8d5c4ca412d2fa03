<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use Japhrex\Core\Figure\FigureRegistry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever units a bench works in, a figure says the same of the same pump. */
final class UnitsDoNotMatterTest extends TestCase
{
    /** What one unit is in another: exact where the definitions are (1 in, 1 US gal, 1 psi, 1 hp, 1 lbf·in). */
    private const OTHER = [
        'mm' => ['in', 25.4], 'um' => ['thou', 25.4], 'bar' => [
            'psi',
            0.06894757293168,
        ], 'lpm' => ['gpm', 3.785411784], 'L/min' => ['gpm', 3.785411784],
        'cc/rev' => ['in3/rev', 16.387064], 'kW' => ['hp', 0.7456998715823], 'Nm' => [
            'inlb',
            0.1129848290276,
        ], 'N·m' => ['inlb', 0.1129848290276],
        'mm2' => ['in2', 645.16], 'MPa' => [
            'psi',
            0.006894757293168,
        ], 'g' => ['oz', 28.349523125], 'm' => ['ft', 0.3048], 'h' => ['min', 1 / 60], 'kg/m3' => ['g/cm3', 1000.0],
    ];

    /** @return iterable<string, array{string}> */
    public static function figures(): iterable
    {
        foreach ((new FigureRegistry())->byGroup() as $cards) {
            foreach ($cards as $card) {
                yield $card->name => [$card->name];
            }
        }
    }

    #[DataProvider('figures')]
    public function testTheAnswerStaysTheSame(string $name): void
    {
        $registry = new FigureRegistry();
        $typed = $registry->card($name)->example;
        $other = array_map(self::inOtherUnits(...), $typed);
        [, $here] = $registry->compute($name, $typed);
        [, $there] = $registry->compute($name, $other);
        self::assertSame(array_keys($here->results()), array_keys($there->results()));
        foreach ($here->results() as $key => $result) {
            $expected = (array) ($result->si() ?: $result->value);
            $got = (array) ($there->results()[$key]->si() ?: $there->results()[$key]->value);
            self::assertCount(\count($expected), $got);
            foreach ($expected as $i => $value) {
                \is_float($value)
                    ? self::assertEqualsWithDelta($value, $got[$i], 1e-8 * abs($value) + 1e-13, $key)
                    : self::assertSame($value, $got[$i], $key);
            }
        }
    }

    public function testTheExamplesAreReallyTypedInOtherUnits(): void
    {
        self::assertMatchesRegularExpression('~^slot:2\.3622047244[0-9]* in$~', self::inOtherUnits('slot:60 mm'));
        self::assertMatchesRegularExpression('~^176(\.0+)? F$~', self::inOtherUnits('80 C'));
        self::assertSame('1500 rpm', self::inOtherUnits('1500 rpm'), 'what has no twin stays');
        self::assertMatchesRegularExpression('~^1160\.3[0-9]* psi@25\.096[0-9]* gpm$~', self::inOtherUnits('80 bar@95 lpm'));
    }

    private static function inOtherUnits(string $text): string
    {
        return (string) preg_replace_callback('~(?<![\w.])(-?\d+(?:\.\d+)?) ?([a-zA-Z·/0-9]*[a-zA-Z0-9·])(?![\w])~u', static function (
            array $found,
        ): string {
            [$all, $value, $unit] = $found;
            if ('C' === $unit) {
                return \sprintf('%.9F F', (float) $value * 1.8 + 32);
            }

            return isset(self::OTHER[$unit]) ? \sprintf('%.15F %s', (float) $value / self::OTHER[$unit][1], self::OTHER[$unit][0]) : $all;
        }, $text);
    }
}
