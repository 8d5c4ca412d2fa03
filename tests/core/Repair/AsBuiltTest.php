<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Figure\Fill\Expression;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Repair\Build\AsBuilt;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** Which sizes hold for the unit as it went together. */
final class AsBuiltTest extends TestCase
{
    /**
     * @param array<string, list<string>> $plays
     * @param list<string> $renewed
     */
    private static function built(array $plays, array $renewed): AsBuilt
    {
        $found = new class implements Sources {
            public function known(string $reference): Known
            {
                return new Known(0.1e-3, 1e-6, Dimension::Length, 'mm', $reference);
            }
        };

        return new AsBuilt(
            Books::book('external-gear-pump'),
            $found,
            $plays,
            $renewed,
        );
    }

    public function testAPlayOfTheBuildTakesThePlaceOfWhatWasFound(): void
    {
        $built = self::built(['body/side-clearance' => ['0.08 mm', '0.10 mm']], ['body', 'drive-gear']);
        self::assertEqualsWithDelta(0.09e-3, $built->known('body/side-clearance')?->si, 1e-12, 'the mean of what was read');
        self::assertTrue($built->isRead('body/side-clearance'));
        self::assertSame('0.0225 mm', Expression::of('body/side-clearance / 4')->text($built));
    }

    public function testOfARenewedPartNothingHoldsAndWhatWentBackInIsAsFound(): void
    {
        self::assertEqualsWithDelta(0.1e-3, self::built([], [])->known('drive-gear/journal')?->si, 1e-12);
        self::assertNull(self::built([], ['drive-gear'])->known('drive-gear/journal'));
        self::assertNull(
            Expression::of('front-bushes/bore - drive-gear/journal / 2')->text(self::built([], ['front-bushes'])),
            'one of the two is enough',
        );
        // The side clearance is worked out from depth, blocks and gear: with a new block nothing is known of it.
        self::assertNull(self::built([], ['front-block'])->known('body/side-clearance'));
        self::assertFalse(self::built([], [])->isRead('body/side-clearance'));
        self::assertNull(
            self::built(['body/side-clearance' => ['about right']], ['body'])->known('body/side-clearance'),
            'what cannot be read counts as not read',
        );
    }
}
