<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Statistics;

use Japhrex\Core\Statistics\StudentT;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against printed tables of Student's t (one-sided) and closed forms for one and two degrees of freedom. */
final class StudentTTest extends TestCase
{
    /** @return iterable<array{float, float, float}> degrees of freedom, one-sided confidence, tabled t */
    public static function table(): iterable
    {
        yield [1, 0.95, 6.314];
        yield [2, 0.95, 2.920];
        yield [4, 0.95, 2.132];
        yield [10, 0.95, 1.812];
        yield [10, 0.99, 2.764];
        yield [30, 0.95, 1.697];
        yield [30, 0.99, 2.457];
        yield [120, 0.95, 1.658];
        yield [\INF, 0.95, 1.645];
        yield [\INF, 0.975, 1.960];
    }

    #[DataProvider('table')]
    public function testQuantilesAgreeWithThePrintedTable(float $freedom, float $confidence, float $t): void
    {
        self::assertEqualsWithDelta($t, (new StudentT($freedom))->quantile($confidence), 0.0006);
    }

    public function testOneAndTwoDegreesAgreeWithTheirClosedForms(): void
    {
        // ν = 1 is the Cauchy distribution: t = tan(π(p − ½)); ν = 2: t = (2p − 1)·√(2/(1 − (2p − 1)²)).
        self::assertEqualsWithDelta(tan(\M_PI * 0.47), (new StudentT(1))->quantile(0.97), 1e-9);
        $a = 2 * 0.97 - 1;
        self::assertEqualsWithDelta($a * sqrt(2 / (1 - $a * $a)), (new StudentT(2))->quantile(0.97), 1e-10);
    }

    public function testTheFarTailKeepsItsDigits(): void
    {
        // Upper tail of the normal distribution at 8: 6.22096057427e-16 (Abramowitz and Stegun, table 26.2).
        self::assertEqualsWithDelta(6.22096057427e-16, StudentT::normal()->above(8), 1e-26);
        self::assertEqualsWithDelta(6.22096057427e-16, StudentT::normal()->between(8, \INF), 1e-26);
    }

    public function testFractionalDegreesLieBetweenTheirNeighbours(): void
    {
        $between = (new StudentT(2.5))->quantile(0.95);
        self::assertLessThan((new StudentT(2))->quantile(0.95), $between);
        self::assertGreaterThan((new StudentT(3))->quantile(0.95), $between);
    }
}
