<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Teardown;

use Japhrex\Core\Teardown\StepState;
use Japhrex\Core\Teardown\StripRun;
use Japhrex\Tests\core\Family\SmallBook;
use PHPUnit\Framework\TestCase;

final class StripRunTest extends TestCase
{
    public function testItBeginsWithTheFirstStepAndTheRestWaits(): void
    {
        $run = new StripRun(SmallBook::with(), []);
        self::assertSame('lid', $run->next()?->step->key);
        self::assertFalse($run->steps['plunger']->isReady());
        self::assertSame(3, $run->open());
    }

    public function testWhatIsOffMayBeLookedAt(): void
    {
        $run = new StripRun(SmallBook::with(), ['lid' => StepState::Done]);
        self::assertSame(['lid'], $run->partsOff());
        self::assertSame('plunger', $run->next()?->step->key);
    }

    public function testASkippedStepOpensTheWayButLeavesItsPartIn(): void
    {
        $run = new StripRun(SmallBook::with(), ['lid' => StepState::Skipped]);
        self::assertSame([], $run->partsOff());
        self::assertTrue($run->steps['plunger']->isReady());
    }

    public function testAStuckStepHoldsWhatIsBehindItAndStaysTheNext(): void
    {
        $run = new StripRun(SmallBook::with(), ['lid' => StepState::Stuck]);
        self::assertFalse($run->steps['plunger']->isReady());
        self::assertSame('lid', $run->next()?->step->key);
        self::assertSame(3, $run->open());
    }

    public function testOtherWorkComesBeforeAStuckStep(): void
    {
        $run = new StripRun(SmallBook::with(['strip/1/needs' => []]), ['lid' => StepState::Stuck]);
        self::assertSame('plunger', $run->next()?->step->key);
    }
}
