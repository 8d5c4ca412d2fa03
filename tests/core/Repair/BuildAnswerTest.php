<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Family\Count;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Repair\Build\BuildAnswer;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\Build\FacingAsked;
use PHPUnit\Framework\TestCase;

/** What somebody signs of a step of the build: done, stopped, or not yet to be signed. */
final class BuildAnswerTest extends TestCase
{
    private static function facing(): FacingAsked
    {
        return new FacingAsked('block', 'Relief side toward the pressure port.', '', 'It pumps nothing.');
    }

    /** @param array<string, mixed> $typed */
    private static function answer(BuildStep $step, array $typed, bool $photo = false): BuildAnswer
    {
        /* @phpstan-ignore argument.type */
        return BuildAnswer::of($step, $typed, $photo, static fn (float $metres): string => number_format($metres * 1000, 2).' mm');
    }

    /** @param array<string, mixed> $typed */
    private function refused(string $says, BuildStep $step, array $typed): void
    {
        try {
            self::answer($step, $typed);
            self::fail($says);
        } catch (\DomainException $e) {
            self::assertStringContainsString($says, $e->getMessage());
        }
    }

    public function testNothingGoesInBeforeAllIsClean(): void
    {
        $clean = new BuildStep('clean', BuildKind::Clean, 'Clean');
        $this->refused('orifices and passages blown through', $clean, ['cleaned' => ['parts', 'bench']]);
        self::assertTrue(self::answer($clean, ['cleaned' => ['orifices', 'parts', 'bench']])->done);
    }

    public function testAFacingIsTickedAndSignedWithAPicture(): void
    {
        $fit = new BuildStep('fit-block', BuildKind::Fit, 'Block in', parts: ['block'], facings: [self::facing()]);
        $this->refused('Relief side toward the pressure port', $fit, []);
        $this->refused('signed with a picture', $fit, ['facings' => ['block']]);
        self::assertTrue(self::answer($fit, ['facings' => ['block']], true)->done);
    }

    public function testAPairIsTickedAndSignedWithAPicture(): void
    {
        $fit = new BuildStep(
            'fit-barrel',
            BuildKind::Fit,
            'Barrel in',
            parts: ['barrel'],
            mates: ['Each piston in its bore, by its number.'],
        );
        $this->refused('Each piston in its bore', $fit, []);
        $this->refused('a pair are signed with a picture', $fit, ['mates' => ['0']]);
        self::assertTrue(self::answer($fit, ['mates' => ['0']], true)->done);
    }

    public function testTwoPeopleAreTwo(): void
    {
        (new BuildStep('fit-pump', BuildKind::Fit, 'Pump in'))->signedBy('bench 2', '');
        $two = new BuildStep('fit-pump', BuildKind::Fit, 'Pump in', two: true);
        $two->signedBy('bench 2', 'apprentice');
        $this->expectExceptionMessage('Somebody else than you');
        $two->signedBy('bench 2', 'Bench 2');
    }

    public function testWhatWasCountedOutIsCountedIn(): void
    {
        $fit = new BuildStep('fit-joint', BuildKind::Fit, 'Joint in', counts: [new Count('needles', 21)]);
        $this->refused('How many needles are in? 21 came out.', $fit, ['counts' => ['needles' => '']]);
        $short = self::answer($fit, ['counts' => ['needles' => '20']]);
        self::assertFalse($short->done, 'one is missing: the build stops');
        self::assertStringContainsString('20 needles are in, 21 came out', $short->says[0]);
        self::assertTrue(self::answer($fit, ['counts' => ['needles' => '21']])->done);
    }

    public function testAPlayIsJudgedAtItsWorstPlaceAndStopsTheBuildOutsideItsTarget(): void
    {
        $play = new BuildStep('set-0', BuildKind::Play, 'End play', window: new Window(0.00005, 0.0001));
        $this->refused('What was read?', $play, ['readings' => '']);
        $this->refused('thick', $play, ['readings' => 'thick']);
        // 0.05 to 0.10 mm is wanted: 0.10 lies nearest to an end of it. The mean of 0.08 and 0.12 would pass, 0.12 does not.
        self::assertSame(['0.10 mm, as wanted.'], self::answer($play, ['readings' => '0.08 mm; 0.10 mm'])->says);
        self::assertFalse(self::answer($play, ['readings' => '0.08 mm; 0.12 mm'])->done);
        self::assertFalse(self::answer($play, ['readings' => '0.14 mm'])->done);
    }

    public function testTheWrenchIsComparedInItsOwnUnit(): void
    {
        $torque = new BuildStep('set-1', BuildKind::Torque, 'Cover screws', '45 N·m in two rounds, crosswise', rounds: 2);
        $this->refused('With its unit', $torque, ['torque' => '45']);
        $this->refused('Round 2 is not ticked', $torque, ['torque' => '45 N·m', 'rounds' => ['1']]);
        // 33.2 ft·lb · 1.3558 N·m = 45.01 N·m.
        self::assertTrue(self::answer($torque, ['torque' => '33.2 ft·lb', 'rounds' => ['1', '2']])->done);
        self::assertStringContainsString(
            'the book says 45 N·m',
            self::answer($torque, ['torque' => '54 N·m', 'rounds' => ['1', '2']])->says[0],
        );
    }

    public function testACatchBeforeTheFastenersAndOneAfterThemMeanTwoThings(): void
    {
        $before = new BuildStep('turn-before', BuildKind::Turn, 'Turn it', catch: 'What catches now is dirt.');
        self::assertSame(['What catches now is dirt.'], self::answer($before, ['turns' => 'catches'])->says);
        self::assertTrue(self::answer($before, ['turns' => 'even'])->done);
        $this->refused('evenly or catches', $before, []);
    }
}
