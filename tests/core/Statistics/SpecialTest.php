<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Statistics;

use Japhrex\Core\Statistics\Special;
use Japhrex\Core\Statistics\StudentT;
use PHPUnit\Framework\TestCase;

final class SpecialTest extends TestCase
{
    public function testErfcAgreesWithThePrintedTable(): void
    {
        // Abramowitz and Stegun, table 7.1: erf(0.5) = 0.5204998778, erf(1) = 0.8427007929, erf(2) = 0.9953222650.
        foreach ([[0.0, 1.0], [0.5, 1 - 0.5204998778], [1.0, 1 - 0.8427007929], [2.0, 1 - 0.9953222650]] as [$x, $erfc]) {
            self::assertEqualsWithDelta($erfc, Special::erfc($x), 6e-11);
            self::assertEqualsWithDelta(2 - $erfc, Special::erfc(-$x), 6e-11);
        }
        self::assertSame(0.0, Special::erfc(40));
    }

    public function testBothBranchesOfErfcMeet(): void
    {
        self::assertEqualsWithDelta(Special::erfc(1.9999999), Special::erfc(2.0000001), 1e-8);
        self::assertEqualsWithDelta(1.0, Special::erfc(1.99999999999) / Special::erfc(2.00000000001), 1e-9);
    }

    public function testLogGammaIsTheLogarithmOfFactorials(): void
    {
        self::assertEqualsWithDelta(log(120), Special::logGamma(6), 1e-12);
        self::assertEqualsWithDelta(log(sqrt(\M_PI)), Special::logGamma(0.5), 1e-12);
        self::assertEqualsWithDelta(log(3628800), Special::logGamma(11), 1e-11);
        self::assertEqualsWithDelta(log(4 * sqrt(\M_PI) / 3), Special::logGamma(-1.5 + 0.0), 1e-11);
    }

    public function testTheHalfStepIsSteadyWhereItChangesItsFormula(): void
    {
        self::assertEqualsWithDelta(Special::logGamma(200.5) - Special::logGamma(200), Special::logGammaHalfStep(200), 1e-12);
    }

    public function testTheTailsOfADistributionAddUpToOne(): void
    {
        foreach ([1.0, 3.7, 25.0, 5e6, 2e7, \INF] as $freedom) {
            $t = new StudentT($freedom);
            self::assertEqualsWithDelta(1.0, $t->above(1.3) + $t->above(-1.3), 1e-14);
            self::assertEqualsWithDelta(1.0, $t->between(-\INF, \INF), 1e-15);
            self::assertEqualsWithDelta($t->above(-2) - $t->above(1), $t->between(-2, 1), 1e-13);
        }
    }

    public function testQuantileAndTailAreEachOthersInverse(): void
    {
        foreach ([1.2, 2.5, 8.0, 99.0, 12345.6, 1e6] as $freedom) {
            foreach ([0.5, 0.6, 0.95, 0.999, 0.999999] as $confidence) {
                $t = (new StudentT($freedom))->quantile($confidence);
                self::assertEqualsWithDelta(
                    1 - $confidence,
                    (new StudentT($freedom))->above($t),
                    (1 - $confidence) * 1e-8,
                    "ν = $freedom, $confidence",
                );
            }
        }
    }

    public function testNonsenseIsRefused(): void
    {
        foreach (
            [
                static fn () => new StudentT(0),
                static fn () => (new StudentT(3))->quantile(0.4),
                static fn () => (new StudentT(3))->quantile(1.0),
            ] as $nonsense
        ) {
            try {
                $nonsense();
                self::fail('It was computed.');
            } catch (\DomainException $error) {
                self::assertNotSame('', $error->getMessage());
            }
        }
    }
}
