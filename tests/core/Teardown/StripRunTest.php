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

    public function testASubAssemblyLeftShutIsOffTheUnitButItsPartsAreNotAndItComesLast(): void
    {
        $book = SmallBook::with(['strip/1/opens' => 'Plunger rod', 'strip/2/needs' => ['lid']]);
        $run = new StripRun($book, ['lid' => StepState::Done, 'plunger' => StepState::Shut]);
        self::assertSame(['Plunger rod'], array_map(static fn ($status): string => $status->step->opens, $run->shut()));
        self::assertSame(['lid'], $run->partsOff());
        self::assertSame('barrel', $run->next()?->step->key, 'other work goes on');
        $run = new StripRun($book, ['lid' => StepState::Done, 'plunger' => StepState::Shut, 'barrel' => StepState::Done]);
        self::assertSame('plunger', $run->next()?->step->key, 'what stays shut is offered at the end');
        self::assertSame(1, $run->open());
        self::assertSame([], (new StripRun($book, ['lid' => StepState::Done, 'plunger' => StepState::Done]))->shut());
    }

    public function testASubAssemblyIsNotShutWhileItIsStillInTheUnit(): void
    {
        self::assertSame([], (new StripRun(SmallBook::with(['strip/1/opens' => 'Plunger rod']), []))->shut());
    }

    public function testASubAssemblyThatIsSkippedStaysUnopened(): void
    {
        $run = new StripRun(
            SmallBook::with(['strip/1/opens' => 'Plunger rod']),
            ['lid' => StepState::Done, 'plunger' => StepState::Skipped],
        );
        self::assertCount(1, $run->shut());
    }

    public function testTheRunEndsOnlyWhenWhatIsMissingWasSearchedFor(): void
    {
        $book = SmallBook::with(['strip/0/counts' => [['what' => 'needles', 'count' => 22], ['what' => 'screws', 'count' => 4]]]);
        $done = array_map(static fn (): StepState => StepState::Done, $book->strip);
        $run = new StripRun($book, $done, ['lid' => ['needles' => 21, 'screws' => 4]]);
        self::assertNull($run->next());
        self::assertSame(1, $run->open());
        self::assertSame(['Needles: 21 of 22 counted out.'], array_map(static fn ($short): string => $short->sentence(), $run->shortages));
        self::assertSame(
            0,
            (new StripRun($book, $done, ['lid' => ['needles' => 21]], ['lid' => ['needles']]))->open(),
            'kept as a finding',
        );
        self::assertSame(0, (new StripRun($book, $done, ['lid' => ['needles' => 22]]))->open(), 'found on the floor');
        self::assertSame(0, (new StripRun($book, $done))->open(), 'not counted is not short');
    }

    public function testADrawingShowsWhatIsOutAndWhatComesOffNowAndASkippedStepLeavesItsPartIn(): void
    {
        $book = SmallBook::with();
        $run = new StripRun($book, ['lid' => StepState::Done]);
        self::assertSame(['lid' => 'out', 'plunger' => 'next'], $run->standing($book->strip['plunger']));
        self::assertSame(['lid' => 'out'], $run->standing($book->strip['lid']), 'it is off already');
        $run = new StripRun($book, ['lid' => StepState::Skipped]);
        self::assertSame(['plunger' => 'next'], $run->standing($book->strip['plunger']));
        $run = new StripRun($book, ['lid' => StepState::Stuck]);
        self::assertSame(['lid' => 'stuck'], $run->standing($book->strip['lid']), 'drawn through: something behind it holds it');
    }
}
