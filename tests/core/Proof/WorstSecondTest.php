<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Proof;

use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Proof\WorstSecond;
use PHPUnit\Framework\TestCase;

/** What a recording says of a limit: the worst second under the conditions that are asked. */
final class WorstSecondTest extends TestCase
{
    /** Two rows a second; at 100 bar within 5 % in the seconds at 2 and 3, of which that at 3 has the mean of 39.0 and 38.0. */
    private const RUN = "time [s],flow [L/min],pressure [bar],speed [rpm]\n"
        ."0.0,43.0,20,1500\n0.5,43.0,20,1500\n1.0,20.0,60,1500\n1.5,20.0,60,1500\n"
        ."2.0,41.0,99,1500\n2.5,40.0,101,1500\n3.0,39.0,104,1480\n3.5,38.0,104,1480\n4.0,10.0,150,1500\n4.5,10.0,150,1500\n";

    /** @param array<string, string> $at */
    private static function flow(array $at, bool $ofDisplacement = false): ProofRead
    {
        return new ProofRead('Flow', 'flow', $ofDisplacement ? '92 %' : '35 L/min', '', $ofDisplacement, [], true, $at);
    }

    public function testTheWorstSecondIsThatUnderTheConditionsThatAreAsked(): void
    {
        $worst = WorstSecond::of(Recording::read(self::RUN), self::flow(['pressure' => '100 bar'])) ?? self::fail('There is one.');
        self::assertSame(3.0, $worst->at);
        self::assertEqualsWithDelta(38.5 / 60000, $worst->value, 1e-12);
        self::assertEqualsWithDelta(104e5, $worst->with['pressure'], 1e-3);
        $any = WorstSecond::of(Recording::read(self::RUN), self::flow([])) ?? self::fail('There is one.');
        self::assertSame(4.0, $any->at);
    }

    public function testAShareOfDisplacementIsWorstWhereTheFlowOfATurnIs(): void
    {
        // 40 L/min at 1600 rpm is less of a turn than 39 L/min at 1500 rpm: 0.0250 against 0.0260 L.
        $run = "time [s],flow [L/min],speed [rpm]\n0,39,1500\n1,40,1600\n2,43,1500\n";
        self::assertSame(1.0, WorstSecond::of(Recording::read($run), self::flow([], true))?->at);
    }

    public function testAnUpperLimitIsNearestAtTheHighest(): void
    {
        $hot = new ProofRead('Body', 'temperature', '', '50 °C', false, [], true);
        self::assertSame(1.0, WorstSecond::of(Recording::read("time [s],temperature [°C]\n0,41\n1,48\n2,45\n"), $hot)?->at);
    }

    public function testWhatWasNeverUnderItsConditionsIsNotTold(): void
    {
        $recording = Recording::read(self::RUN);
        self::assertNull(WorstSecond::of($recording, self::flow(['pressure' => '200 bar'])));
        self::assertNull(WorstSecond::of($recording, self::flow(['temperature' => '50 °C'])), 'the recording has no temperature');
        self::assertNull(WorstSecond::of($recording, new ProofRead('Takes after', '', '', '1.5 s', false, [], true)));
    }
}
