<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Measuring;

use Japhrex\Core\Measuring\Felt;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A hand says something where a size is far from its limit, and nothing where it is near. */
final class FeltTest extends TestCase
{
    /** @return iterable<string, array{string, bool, LimitVerdict}> */
    public static function guesses(): iterable
    {
        // Limit 0.10 mm. One-sided 95 %: 1.645·u; u a quarter of the guess: 0.3 − 0.123 = 0.177 is above, 0.12 − 0.049 is not.
        yield 'three times the limit is outside' => ['0.3 mm', false, LimitVerdict::Outside];
        yield 'a little above is nothing by hand' => ['0.12 mm', false, LimitVerdict::Undecided];
        // Against a good one u is a tenth: 0.13 − 0.021 = 0.109.
        yield 'against a good one a third above is outside' => ['0.13 mm', true, LimitVerdict::Outside];
        yield 'hardly any is within' => ['0.05 mm', false, LimitVerdict::Within];
    }

    #[DataProvider('guesses')]
    public function testAHandIsWorthWhatItIsWorth(string $guess, bool $against, LimitVerdict $verdict): void
    {
        $limits = new Limits(null, null, Quantity::parse('0.10 mm', Dimension::Length));
        self::assertSame($verdict, Felt::judge(Quantity::parse($guess, Dimension::Length), $limits, $against)->verdict);
    }
}
