<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\CaseFile;
use App\Repair\Build\BuildDesk;
use App\Repair\Build\BuildRecord;
use App\Repair\Build\BuildRow;
use App\Teardown\StepRecord;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildStep;
use Symfony\Component\DomCrawler\Crawler;

/** The build, step by step, in a browser without scripts. */
final class BuildTest extends AppTestCase
{
    private function next(CaseFile $case): ?BuildStep
    {
        self::em()->clear();

        return BuildDesk::next(self::service(BuildDesk::class)->sheet($this->fresh($case)));
    }

    /** Signs steps as they come until one of a kind is in hand. */
    private function upTo(CaseFile $case, BuildKind $kind): BuildStep
    {
        while (null !== ($step = $this->next($case)) && $step->kind !== $kind) {
            $record = new BuildRecord($this->fresh($case), $step->key, $this->person(Role::Bench));
            self::em()->persist($record);
            self::em()->flush();
        }

        return $step ?? self::fail('The book asks for no such step.');
    }

    public function testStepsComeInOrderAndCleanlinessFirst(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('PB-1');
        self::assertSame(409, $this->act($case, 'build/turn-before', ['turns' => 'even'], 'build'));
        self::assertStringContainsString('First: Clean before anything goes in', $this->said());
        self::assertSame(422, $this->act($case, 'build/clean', ['cleaned' => ['parts', 'bench']], 'build'));
        self::assertSame(303, $this->act($case, 'build/clean', ['cleaned' => ['orifices', 'parts', 'bench']], 'build'));
        $next = $this->next($case);
        self::assertSame(BuildKind::Fit, $next?->kind);
        $this->signIn(Role::Desk);
        self::assertSame(403, $this->act($case, 'build/'.$next->key, [], 'build'));
    }

    public function testWhatTheBookAsksSinceIsNotAskedOfWhatIsBuiltOver(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('PB-10');
        $steps = array_map(
            static fn (BuildRow $row): string => $row->step->key,
            self::service(BuildDesk::class)->sheet($this->fresh($case)),
        );
        $last = $steps[\count($steps) - 1];
        [$fresh, $bench] = [$this->fresh($case), $this->person(Role::Bench)];
        // With a step of a book that is no more.
        foreach ([...array_diff($steps, ['act-drain-hole', 'turn-before', $last]), 'set-neutral'] as $key) {
            self::em()->persist(new BuildRecord($fresh, $key, $bench));
        }
        self::em()->flush();
        self::assertSame($last, $this->next($case)?->key, 'the drain hole is covered long ago; the last can still be done');
        self::assertStringContainsString(
            'Neutral (as the book had it)',
            $this->browser->request('GET', "/cases/{$case->number}/build")->text(),
            'what was signed stays',
        );
    }

    public function testAStepForSomeUnitsOnlyIsAskedForUntilSomebodySaysWhichThisIs(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('PB-11');
        while ('act-inside-drain' !== ($step = $this->next($case))?->key) {
            $key = $step->key ?? self::fail('There is no such step.');
            self::em()->persist(new BuildRecord($this->fresh($case), $key, $this->person(Role::Bench)));
            self::em()->flush();
        }
        self::assertSame(422, $this->act($case, 'build/act-inside-drain', ['done' => 'yes'], 'build'));
        self::assertStringContainsString('Only for version D: look, and say whether this unit is one of those.', $this->said());
        self::assertSame(303, $this->act($case, 'build/act-inside-drain', ['applies' => 'no'], 'build'));
        self::assertStringContainsString(
            'Not for this unit, as it was looked at: only version D.',
            $this->browser->request('GET', "/cases/{$case->number}/build")->text(),
        );
        $other = $this->aCase('PB-12');
        $other->versionIndex = 'C';
        self::em()->flush();
        self::assertNotContains('act-inside-drain', array_map(
            static fn (BuildRow $row): string => $row->step->key,
            self::service(BuildDesk::class)->sheet($this->fresh($other)),
        ), 'told at intake, it leaves the sheet');
    }

    public function testWhatIsForgottenIsSignedForItselfAndWhatStandsOtherwiseIsMetAgain(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('VG28-777');
        $act = $this->upTo($case, BuildKind::Act);
        self::assertSame(422, $this->act($case, 'build/'.$act->key, [], 'build'));
        self::assertStringContainsString('the gears touch the body and it binds', $this->said());
        self::assertSame(303, $this->act($case, 'build/'.$act->key, ['done' => 'no'], 'build'));
        self::assertSame($act->key, $this->next($case)?->key, 'not so: it stops the build');
        self::assertSame(303, $this->act($case, 'build/'.$act->key, ['done' => 'yes'], 'build'));
        while ('stands-rotation' !== $this->upTo($case, BuildKind::Position)->key) {
            $key = $this->next($case)->key ?? '';
            self::assertSame(303, $this->act($case, 'build/'.$key, ['position' => '0'], 'build'));
        }
        $other = ['position' => '1', 'why' => 'The sweeper turns it left.'];
        self::assertSame(422, $this->act($case, 'build/stands-rotation', $other, 'build'));
        self::assertStringContainsString('Two people sign', $this->said());
        self::assertStringContainsString('value="The sweeper turns it left."', (string) $this->browser->getResponse()->getContent());
        self::assertSame(303, $this->act($case, 'build/stands-rotation', $other + ['withWhom' => 'apprentice'], 'build'));
        $again = $this->aCase('VG28-777');
        $strip = $this->browser->request('GET', "/cases/{$again->number}/strip?step=rear-cover")->text();
        self::assertStringContainsString('Put in so on purpose:', $strip);
        self::assertStringContainsString('The sweeper turns it left.', $strip);
        $this->act($case, 'apart', ['key' => 'stands-rotation', 'apart' => 'It was fitted for another machine.'], 'build');
        self::assertStringNotContainsString(
            'The sweeper turns it left.',
            $this->browser->request('GET', "/cases/{$again->number}/strip?step=rear-cover")->text(),
            'what was taken apart again does not stand so any more',
        );
    }

    public function testAnAdjusterIsLeftAsItIsWrittenBesideHowItWasFound(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('PB-9');
        $strip = new StepRecord($case, 'relief');
        $strip->adjusters = ['relief-valve/adjuster' => '4.25 turn'];
        self::em()->persist($strip);
        self::em()->flush();
        self::assertStringContainsString(
            'not written down yet',
            $this->browser->request('GET', "/cases/{$case->number}/build")->filter('#adjusters')->text(),
        );
        self::assertSame(422, $this->act($case, 'adjusters', ['place' => 'relief-valve/adjuster', 'left' => '4 bar'], 'build'));
        self::assertStringContainsString('value="4 bar"', (string) $this->browser->getResponse()->getContent());
        self::assertSame(422, $this->act($case, 'adjusters', ['place' => 'body/depth', 'left' => '4 mm'], 'build'));
        $this->act($case, 'adjusters', ['place' => 'relief-valve/adjuster', 'left' => '4 turn'], 'build');
        self::assertSame(303, $this->act($case, 'adjusters', ['place' => 'relief-valve/adjuster', 'left' => '4.5 turn'], 'build'));
        self::assertMatchesRegularExpression(
            '/4\.25 turn\s*4\.5 turn/',
            $this->browser->request('GET', "/cases/{$case->number}/build")->filter('#adjusters')->text(),
        );
    }

    public function testAPlayOutOfItsTargetStopsTheBuildUntilItIsMended(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('PB-2');
        $step = $this->upTo($case, BuildKind::Play);
        // Target 0.060 to 0.110 mm.
        self::assertSame(
            303,
            $this->act($case, 'build/'.$step->key, ['readings' => '0.42 mm', 'present' => '1.20 mm', 'stock' => '1.50mm; 1.54mm'], 'build'),
        );
        self::assertStringContainsString(
            '0.42 mm is too loose by 0.31 mm. Lay in 1.54 mm: then it is 0.08 mm.',
            $this->browser->request('GET', "/cases/{$case->number}/build")->text(),
        );
        self::assertSame($step->key, $this->next($case)?->key, 'what is stopped stops all after it');
        self::assertSame(422, $this->act($case, 'build/'.$step->key, ['readings' => 'tight', 'present' => '1.54 mm'], 'build'));
        self::assertStringContainsString('value="1.54 mm"', (string) $this->browser->getResponse()->getContent(), 'what was typed stays');
        self::assertSame(303, $this->act($case, 'build/'.$step->key, ['readings' => '0.08 mm', 'present' => '1.54 mm'], 'build'));
        self::assertNotSame($step->key, $this->next($case)?->key);
        self::assertCount(
            2,
            self::em()->getRepository(BuildRecord::class)->findBy(['step' => $step->key]),
            'the attempt that failed stays',
        );
    }

    public function testItIsShownWhichWayRoundAndInWhichOrder(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('PB-4');
        $step = $this->upTo($case, BuildKind::Torque);
        $page = $this->browser->request('GET', "/cases/{$case->number}/build");
        self::assertSame('cover-screws', $step->screws?->key);
        self::assertSame(['1', '2', '3', '4'], $page->filter('.fastenerface text')->each(static fn (Crawler $one): string => $one->text()));
        self::assertStringContainsString($step->value, $page->filter('.fastenerface')->text());
        $sealed = $this->aCase('PB-5');
        do {
            $step = $this->upTo($sealed, BuildKind::Fit);
            $asked = array_column($step->facings, 'part');
            $pictures = $this->browser->request('GET', "/cases/{$sealed->number}/build")->filter('img.facingdrawing');
            self::em()->persist(new BuildRecord($this->fresh($sealed), $step->key, $this->person(Role::Bench)));
            self::em()->flush();
        } while (!\in_array('shaft-seal', $asked, true));
        $this->browser->request('GET', (string) $pictures->attr('src'));
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Shaft seal', (string) $this->browser->getResponse()->getContent());
    }

    public function testTwoPeopleAreTwo(): void
    {
        $this->signIn(Role::Bench, 'bench 2');
        $case = $this->aCase('PB-3');
        $step = $this->next($case);
        while (null !== $step && !$step->two) {
            self::em()->persist(new BuildRecord($this->fresh($case), $step->key, $this->person(Role::Bench)));
            self::em()->flush();
            $step = $this->next($case);
        }
        self::assertNotNull($step);
        foreach (['', 'Test bench 2'] as $with) {
            self::assertSame(422, $this->act($case, 'build/'.$step->key, ['withWhom' => $with], 'build'));
            self::assertStringContainsString('Somebody else than you', $this->said());
        }
    }
}
