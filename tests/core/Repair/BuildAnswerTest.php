<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Family\ActKind;
use Japhrex\Core\Family\BuildAct;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\FacingSet;
use Japhrex\Core\Family\FastenerPlace;
use Japhrex\Core\Family\Fasteners;
use Japhrex\Core\Family\Laid;
use Japhrex\Core\Family\Position;
use Japhrex\Core\Family\PositionIs;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Repair\Build\BindState;
use Japhrex\Core\Repair\Build\BuildAnswer;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\Build\FacingAsked;
use Japhrex\Core\Repair\Build\SheetSteps;
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

    public function testACatchIsAskedAfterUntilItPointsSomewhere(): void
    {
        $loose = SheetSteps::turn('turn-before', BindState::Loose, 'Several turns.');
        self::assertTrue(self::answer($loose, ['turns' => 'even'])->done);
        $this->refused('evenly or catches', $loose, []);
        $this->refused('How does it catch', $loose, ['turns' => 'catches']);
        $this->refused('as the book says', $loose, ['turns' => 'catches', 'bind' => ['how' => 'all']]);
        $this->refused('does it go round with the shaft', $loose, ['turns' => 'catches', 'bind' => ['how' => 'once', 'wet' => 'yes']]);
        $says = self::answer($loose, ['turns' => 'catches', 'bind' => ['how' => 'once', 'wet' => 'yes', 'spot' => 'shaft']])->says;
        self::assertStringContainsString('dirt, or a part the wrong way', $says[0]);
        self::assertStringContainsString('in what turns', $says[1]);
        $dry = self::answer($loose, ['turns' => 'catches', 'bind' => ['how' => 'all', 'wet' => 'no']]);
        self::assertFalse($dry->done);
        self::assertStringContainsString('Nothing is taken apart for that', $dry->says[0]);
    }

    public function testWhatBindsOnlyTightenedIsAnotherFaultThanWhatBindsLoose(): void
    {
        $tight = SheetSteps::turn('turn-after-set-screws', BindState::Tight, 'As before.');
        $this->refused('at which does it free', $tight, ['turns' => 'catches', 'bind' => ['how' => 'all', 'wet' => 'yes']]);
        $at = static fn (string $frees): string => implode(
            ' ',
            self::answer($tight, ['turns' => 'catches', 'bind' => ['how' => 'all', 'wet' => 'yes', 'frees' => $frees]])->says,
        );
        self::assertStringContainsString('that is position', $at('3'));
        self::assertStringContainsString('It frees at 3: look there', $at('3'));
        self::assertStringContainsString('it is not position but dirt', $at('none'));
    }

    public function testWhatIsForgottenIsSignedForItselfAndSaysWhatHappensElse(): void
    {
        $act = new BuildAct(
            'springs', ActKind::Order, 'Springs of the valve body', '', 'A shift too early.',
            laid: [new Laid('1–2 shift', 'spring', '34.5 mm, yellow'), new Laid('2–3 shift', 'spring', '34.5 mm, blue')],
        );
        $step = new BuildStep('act-springs', BuildKind::Act, $act->what, act: $act);
        $this->refused('Left out: a shift too early.', $step, []);
        $this->refused('2–3 shift, spring (34.5 mm, blue)', $step, ['done' => 'yes', 'laid' => ['0']]);
        self::assertTrue(self::answer($step, ['done' => 'yes', 'laid' => ['0', '1']])->done);
        self::assertSame(['Not so: a shift too early.'], self::answer($step, ['done' => 'no'])->says);
    }

    public function testASetThatStandsWrongStopsAndOneThatIsMeantIsKeptWithItsReason(): void
    {
        $set = new FacingSet('rotation', 'Body for the rotation', ['body'], [
            new Position('Suction where the arrow asks.', 'It pumps.', PositionIs::Right),
            new Position('Suction on the other side.', 'For the other rotation.', PositionIs::Other),
            new Position('Turned, drain left.', 'The seal is pushed out.', PositionIs::Wrong),
        ]);
        $step = new BuildStep('stands-rotation', BuildKind::Position, $set->what, set: $set);
        $this->refused('Which way does it stand', $step, ['position' => '7']);
        self::assertTrue(self::answer($step, ['position' => '0'])->done);
        $wrong = self::answer($step, ['position' => '2']);
        self::assertFalse($wrong->done);
        self::assertStringContainsString('the seal is pushed out. Turn it: suction where the arrow asks.', implode(' ', $wrong->says));
        self::assertFalse(self::answer($step, ['position' => '1'])->done, 'otherwise is not right without a reason');
        $meant = self::answer($step, ['position' => '1', 'why' => 'Drive of the sweeper turns left.']);
        self::assertSame(['On purpose: suction on the other side. Drive of the sweeper turns left.'], $meant->says);
        $this->expectExceptionMessage('Two people sign');
        $step->signedBy('bench 2', '', true);
    }

    public function testAFacingReversedOnPurposeIsKeptWithItsReason(): void
    {
        $fit = new BuildStep('fit-block', BuildKind::Fit, 'Block in', parts: ['block'], facings: [self::facing()]);
        $typed = ['purpose' => ['block' => 'Worn face turned away from the gear, as agreed.']];
        self::assertTrue(BuildAnswer::isOnPurpose($typed));
        self::assertFalse(BuildAnswer::isOnPurpose(['purpose' => ['block' => ' ']]));
        self::assertSame(
            ['The other way round, on purpose: Worn face turned away from the gear, as agreed.'],
            self::answer($fit, $typed, true)->says,
        );
    }

    public function testScrewsOfUnequalLengthAreWhereTheyBelongBeforeAWrenchIsOnThem(): void
    {
        $screws = new Fasteners('screws', 'Screws', 'M8', '8.8', 'cover', [
            new FastenerPlace('dowel corners', '55 mm', 2), new FastenerPlace('the others', '40 mm', 4),
        ], once: true);
        $step = new BuildStep('set-screws', BuildKind::Torque, 'Screws', '20 N·m', screws: $screws);
        $this->refused('2 of 55 mm are at dowel corners', $step, ['torque' => '20 N·m', 'rounds' => ['1']]);
        $this->refused('4 of 40 mm', $step, ['torque' => '20 N·m', 'rounds' => ['1'], 'lengths' => ['0']]);
        $this->refused('new ones are in', $step, ['torque' => '20 N·m', 'rounds' => ['1'], 'lengths' => ['0', '1']]);
        $all = ['torque' => '20 N·m', 'rounds' => ['1'], 'lengths' => ['0', '1'], 'fresh' => 'yes'];
        self::assertTrue(self::answer($step, $all)->done);
    }
}
