<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use Japhrex\Core\Figure\Claim;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is rounded in talk is checked against the arithmetic, and no closer than it was told. */
final class ClaimTest extends TestCase
{
    private static function flow(float $litres): Outcome
    {
        return (new Outcome())->quantity('flow', $litres / 60000, Dimension::Flow, 'L/min');
    }

    /** @return iterable<string, array{string, float, bool}> */
    public static function told(): iterable
    {
        yield 'a five is anything from 4.5 to 5.5' => ['about 5 L/min', 4.6, true];
        yield 'and not 3.8' => ['about 5 L/min', 3.8, false];
        yield 'a twenty is anything from 15 to 25' => ['20 L/min', 16.0, true];
        yield 'a 20.0 is not' => ['20.0 L/min', 16.0, false];
        // One US gallon is 3.785 litres; half a gallon either way is meant.
        yield 'a gallon' => ['a gal/min', 3.0, true];
        yield 'a gallon is not nothing' => ['roughly a gal/min', 1.0, false];
    }

    #[DataProvider('told')]
    public function testItAgreesAsFarAsItWasTold(string $typed, float $litres, bool $agrees): void
    {
        self::assertSame($agrees, Claim::of($typed, self::flow($litres))->agrees());
    }

    public function testItSaysByHowMuchAndRefusesWhatItIsNotAbout(): void
    {
        // 5/3.8 = 1.316
        self::assertSame('What was told is 32 % more than what is worked out.', Claim::of('5 L/min', self::flow(3.8))->says());
        self::assertStringContainsString('less', Claim::of('5 L/min', self::flow(9.0))->says());
        $this->expectException(FigureError::class);
        $this->expectExceptionMessage('"210 bar" is nothing that this figure gives');
        Claim::of('210 bar', self::flow(5.0));
    }
}
