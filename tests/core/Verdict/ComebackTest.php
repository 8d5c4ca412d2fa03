<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Verdict;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Repair\PartsRemark;
use Japhrex\Core\Verdict\Comeback;
use PHPUnit\Framework\TestCase;

/** What the earlier repair did not deal with. */
final class ComebackTest extends TestCase
{
    public function testWhatWentBackInAndWhatWasNewAndWhatNobodySaw(): void
    {
        $said = array_map(static fn (PartsRemark $one): string => implode('+', $one->parts).' '.$one->says, Comeback::notDealtWith(
            ['front-block' => 3, 'gears' => 1, 'strainer' => 3, 'seal' => 0],
            ['front-block' => Disposition::Replace, 'gears' => Disposition::Reuse, 'seal' => Disposition::AlwaysReplace],
            ['front-block' => 2, 'gears' => 3, 'shaft' => 2, 'seal' => 1],
            ['cooler', 'front-block', 'lines'],
        ));
        self::assertCount(5, $said);
        self::assertStringStartsWith('front-block was new; now grade 2', $said[0]);
        self::assertMatchesRegularExpression('/^gears was put back in \(.+\), grade 1 then; now grade 3$/', $said[1]);
        self::assertSame('shaft was not looked at then; now grade 2', $said[2]);
        self::assertSame('strainer had grade 3 then, and nobody wrote down what became of it', $said[3]);
        self::assertStringStartsWith('cooler+lines the debris of then had reached it', $said[4]);
    }

    public function testAMarkIsNoDamageAndADealtWithPartIsNoPoint(): void
    {
        self::assertSame([], Comeback::notDealtWith(['gears' => 3], ['gears' => Disposition::Machine], ['gears' => 1], []));
        self::assertSame([], Comeback::notDealtWith([], [], [], []));
    }
}
