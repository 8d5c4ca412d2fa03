<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Conditions;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Intake\Statement;
use App\Proof\Handover;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use App\Repair\Build\BuildRecord;
use App\Repair\Decisions;
use App\Repair\PartDecision;
use App\Verdict\Warranty\WarrantyFacts;
use Japhrex\Core\Damage\Disposition;
use Twig\Environment;

/** Signing locks what the verdict rests on, and nothing else. */
final class AfterSigningTest extends SignedCaseTestCase
{
    public function testAPartIsDecidedForTheRepairAndWhatWasSignedStays(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Analyst);
        // Nobody had decided: it stands on the repair page, and is open in the walk.
        $this->browser->request('GET', '/cases/'.$case->number.'/repair');
        self::assertStringContainsString('Front bearing block damaged, and nobody has decided', $this->said());
        self::assertMatchesRegularExpression('/Repair 1 offers to be answered, parts to decide on/', $this->said());
        self::assertSame(422, $this->act($case, 'decisions/front-block', ['disposition' => 'reuse', 'reason' => ''], 'repair'), 'why?');
        self::assertSame(303, $this->act($case, 'decisions/front-block', ['disposition' => 'replace', 'reason' => 'Scored.'], 'repair'));
        self::assertSame(
            0,
            self::em()->getRepository(PartRecord::class)->count(['case' => $case->id->toRfc4122()]),
            'the evidence is as it was signed',
        );
        self::assertSame(Disposition::Replace, self::service(Decisions::class)->standing($this->fresh($case))['front-block']->disposition);
        self::assertSame('test analyst', self::em()->getRepository(PartDecision::class)->findOneBy(['part' => 'front-block'])?->byWhom);
        $this->signIn(Role::Bench);
        self::assertSame(
            403,
            $this->act($case, 'decisions/front-block', ['disposition' => 'reuse', 'reason' => 'as good as new'], 'repair'),
        );
    }

    public function testAPartThatNobodyDecidedOnIsNotPutBackByTheBuild(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Analyst);
        foreach (['clean', 'fit-shaft-seal'] as $done) {
            self::em()->persist(new BuildRecord($case, $done, $this->person(Role::Bench)));
        }
        self::em()->flush();
        $this->browser->request('GET', '/cases/'.$case->number.'/build');
        self::assertStringContainsString('Not to be put back yet: Front bearing block', $this->said());
        self::assertSame(409, $this->act($case, 'build/fit-front-block', [], 'repair'));
        self::assertStringContainsString('Not put back: nobody has decided of front bearing block', $this->said());

        // It is decided where it is said, and the sheet goes on from there.
        $this->send(
            '/cases/'.$case->number.'/build', '/decisions/front-block', ['disposition' => 'replace', 'reason' => 'Scored.'],
        );
        self::assertResponseRedirects('/cases/'.$case->number.'/build');
        $this->browser->followRedirect();
        self::assertStringNotContainsString('Not to be put back yet', $this->said());
    }

    public function testADecisionThatHungOnAStepOfTheProofComesBackWhenTheStepIsMissed(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Analyst);
        $step = self::service(Conditions::class)->steps($case)[1];
        self::assertSame(
            303,
            $this->act(
                $case,
                'decisions/front-block',
                ['disposition' => 'clean-up', 'reason' => 'lapped', 'hangsOn' => 'until proved: '.$step],
                'repair',
            ),
        );
        $decisions = self::service(Decisions::class);
        self::assertSame(
            ['front-block'],
            $decisions->provisional($this->fresh($case)),
            'a new one may still be needed: it is in the upper price',
        );
        self::assertArrayHasKey('front-block', $decisions->standing($case = $this->fresh($case)));

        $item = self::service(ProofDesk::class)->sheet($case)[1]->item;
        self::em()->persist(
            new ProofRecord($case, $item->key, 'missed', 'short when hot', $this->person(Role::Bench))
        );
        self::em()->flush();
        self::assertSame(
            ['front-block' => 'It hung on this: until proved: '.$step.'. That was missed; decide anew.'],
            $decisions->refused($case),
        );
        $this->browser->request('GET', '/cases/'.$case->number.'/repair');
        self::assertStringContainsString('is refused: It hung on this', $this->said());
        self::assertSame(
            303,
            $this->act($case, 'decisions/front-block', ['disposition' => 'replace', 'reason' => 'short when hot'], 'repair'),
        );
        self::assertSame([], $decisions->refused($this->fresh($case)));
    }

    public function testTheFactsOfAWarrantyAreFilledInAndEvidenceIsNot(): void
    {
        $case = $this->signedCase();
        $this->signIn(Role::Analyst);
        $this->browser->submitForm(
            $this->browser->request('GET', '/cases/'.$case->number.'/warranty')->filter('form[action$="/warranty"] button')->text(),
            ['warranty[oilSample]' => 'yes'],
        );
        self::assertSame(
            'yes',
            self::em()->getRepository(WarrantyFacts::class)->findOneBy(['case' => $case->id->toRfc4122()])?->oilSample?->value,
        );
        self::assertSame(409, $this->act($case, 'parts/body/clean', ['surface' => 'gear-bore'], 'warranty'));
        self::assertSame(1, self::em()->getRepository(Finding::class)->count(['case' => $case->id->toRfc4122()]));
    }

    public function testWhatIsSaidAfterwardsIsTakenInAndIsNoPartOfWhatWasSigned(): void
    {
        $case = $this->signedCase();
        $statement = new Statement($case);
        [$statement->who, $statement->words, $statement->afterwards] = ['ferry master, customer', 'Chooses: repaired as it was.', true];
        self::em()->persist($statement);
        self::em()->flush();
        self::assertTrue($this->fresh($case)->isSigned());
        $this->expectExceptionMessage('evidence of a signed case stays as it was signed');
        $late = new Statement($case = $this->fresh($case));
        [$late->who, $late->words] = ['driver', 'It was the other pump.'];
        self::em()->persist($late);
        self::em()->flush();
    }

    public function testAUnitThatHasGoneOutIsOutOnTheFloor(): void
    {
        $case = $this->signedCase();
        $handover = new Handover($case);
        $handover->goneAt = new \DateTimeImmutable();
        self::em()->persist($handover);
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $row = $this->browser->request('GET', '/cases?q='.$case->serial)->filter('.floorlist li')->text();
        self::assertStringContainsString('Out', $row);
        self::assertStringNotContainsString('Signed', $row);
    }

    public function testAnOpinionThatWasSignedBeforeOriginsWereWeighedPrintsInItsOwnWords(): void
    {
        $one = ['name' => 'Dirt let in', 'share' => 0.62, 'explains' => 3, 'of' => 4, 'leaves' => [], 'against' => [], 'refused' => null];
        $paper = static fn (array $candidate): string => self::service(Environment::class)->render('report/_engine.html.twig', [
            'engine' => [
                'seen' => true, 'undetermined' => false, 'candidates' => [$candidate], 'complaints' => [], 'theories' => [],
                'refused' => [], 'leads' => [], 'reach' => [], 'conditions' => 90,
            ],
            'verdict' => ['leavesOpen' => false],
        ]);
        self::assertStringNotContainsString('Brought about', $paper($one));
        self::assertStringContainsString('Each is the chance of that origin on its own', $paper($one));
        self::assertStringContainsString('Brought about', $paper($one + ['did' => 0.5]));
        self::assertStringNotContainsString('Each is the chance', $paper($one + ['did' => 0.5]));
    }
}
