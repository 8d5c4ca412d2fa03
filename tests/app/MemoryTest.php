<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\Engine\CaseAnalysis;
use App\Intake\CaseFile;
use App\Memory\Alike\AlikeCases;
use App\Memory\Remember;
use App\Proof\Aftercare\Form\UserAnswerInput;
use App\Proof\Aftercare\UserAnswer;
use App\Proof\Handover;
use App\Repair\Offer;
use Japhrex\Core\Chain\Ground\RateLevel;
use Japhrex\Core\Proof\UserSays;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\OptionKind;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** Closed cases work for the open one: as cases like it, as rates of its engine, as lives of what was let out. */
final class MemoryTest extends SignedCaseTestCase
{
    /** @return list<RateLevel> */
    private static function levels(CaseFile $case): array
    {
        self::service(Remember::class)->due();

        return self::service(CaseAnalysis::class)->rates($case)->levels;
    }

    public function testASignedOriginCountsForOthersWhereAFindDecidedItAndNotForItself(): void
    {
        $signed = $this->signedCase();
        $open = $this->aCase();
        $levels = self::levels($open);
        self::assertCount(1, $levels[0]->counts, 'one origin of one closed case');
        self::assertSame(1, $levels[0]->cases);
        self::assertSame([], array_filter(self::levels($signed), static fn (RateLevel $one): bool => $one->cases > 0), 'not for itself');
        self::service(Remember::class)->due();
        self::em()->getConnection()->executeStatement('SELECT memory_note(ARRAY(SELECT id FROM case_file))');
        self::assertSame(1, self::levels($open)[0]->cases, 'remembered anew it counts once');
    }

    public function testWhatANodeOfAnEarlierVersionRememberedIsFoundByItsWordsToo(): void
    {
        $case = $this->aCase();
        self::service(Remember::class)->due();
        $all = "FROM memory_text WHERE source = 'all'";
        self::assertGreaterThan(0, self::em()->getConnection()->executeStatement("DELETE $all"));
        (new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('app:remember')))->execute([]);
        $of = self::em()->getConnection()->fetchFirstColumn("SELECT case_id $all AND case_id = ?", [(string) $case->id]);
        self::assertCount(1, $of);
    }

    public function testAComebackIsNotJudgedByWhatComesInForTheFirstTime(): void
    {
        $signed = $this->signedCase();
        $again = $this->aCase();
        $again->comesBackFrom($signed);
        self::em()->flush();
        self::assertSame([], self::levels($again));
    }

    public function testACureThatFailedTakesItsCaseBackOutOfTheRates(): void
    {
        $signed = $this->signedCase();
        $open = $this->aCase();
        self::assertSame(1, self::levels($open)[0]->cases);
        self::em()->persist(new UserAnswer($signed, UserSays::Failed, new UserAnswerInput(), null));
        self::em()->flush();
        self::assertSame([], self::levels($open));
    }

    public function testACaseLikeThisOneSaysWhatBothHaveAndWhatBecameOfIt(): void
    {
        $signed = $this->signedCase();
        $handover = new Handover($signed);
        $handover->goneAt = new \DateTimeImmutable('-90 days');
        self::em()->persist($handover);
        self::em()->flush();
        $open = $this->aCase();
        foreach (self::em()->getRepository(\App\Evidence\Finding::class)->findBy(['case' => $signed]) as $one) {
            $same = clone $one;
            $same->id = new \Symfony\Component\Uid\UuidV7();
            $same->case = $open;
            self::em()->persist($same);
        }
        self::em()->flush();
        [$like] = self::service(AlikeCases::class)->like($open, 3);
        self::assertSame($signed->number, $like->case->number);
        self::assertNotSame([], $like->shared);
        self::assertStringContainsString('has not come back', $like->became);
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/cases/'.$open->number.'/like');
        self::assertStringContainsString('That one was: '.$like->case->found, $this->said());
        $this->browser->request('GET', '/cases/'.$open->number.'/like/'.$signed->number);
        self::assertStringContainsString('in hand', $this->said());
    }

    public function testOfUnitsThatNobodyHasHeardOfNoLifeIsTold(): void
    {
        $signed = $this->signedCase();
        $handover = new Handover($signed);
        $handover->goneAt = new \DateTimeImmutable('-90 days');
        self::em()->persist($handover);
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/life');
        self::assertStringContainsString('Of none of them anything is known since it went out.', $this->said());
        $this->browser->request('GET', '/life?q=stage:garage');
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('one of intake, strip', $this->said());
    }

    public function testWhatARepairTookAndHowLongItRanSinceAreToldAgainstWhatWasOffered(): void
    {
        $signed = $this->signedCase();
        $handover = new Handover($signed);
        $handover->goneAt = new \DateTimeImmutable('-90 days');
        $handover->account('7.5', Money::parse('330 EUR'));
        $offer = new Offer($signed, new \DateTimeImmutable('-80 days'), $this->person(Role::Desk));
        $none = ['tax-low' => '0.00 EUR', 'tax-high' => '0.00 EUR', 'gross-low' => '250.00 EUR', 'gross-high' => '300.00 EUR'];
        $offer->options = [[
            'kind' => 'as-it-was', 'label' => 'As it was', 'lines' => [], 'low' => '250.00 EUR', 'high' => '300.00 EUR', 'hours' => 6.0,
            'days' => 2, 'life' => '', 'risk' => '', 'outside' => '',
        ] + $none];
        $offer->chosen = OptionKind::AsItWas;
        self::em()->persist($handover);
        self::em()->persist($offer);
        self::em()->persist(new UserAnswer($signed, UserSays::Well, new UserAnswerInput(ran: '350'), null));
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $this->browser->request('GET', '/numbers');
        // 7.5 of 6 hours, 330 of 300: by hand.
        self::assertStringContainsString('half of 1 took 125 % of the hours or more; half of 1 were charged 110 % or more', $this->said());
        $this->browser->request('GET', '/life?in=hours&as=csv');
        self::assertStringContainsString('350,yes', $this->browser->getInternalResponse()->getContent());
        $page = $this->browser->request('GET', '/life?in=km');
        self::assertStringContainsString('Of none of them anybody has told what it ran.', $this->said());
        self::assertStringContainsString('Repaired as it was', $page->filter('table')->text());
        $this->browser->request('GET', '/cases?q=repair:as-it-was');
        self::assertStringContainsString($signed->number, $this->said());
    }

    public function testEachNumberLeadsToItsCases(): void
    {
        $signed = $this->signedCase();
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/numbers?q=family:external-gear-pump');
        $bar = $page->filter('.bars tr')->reduce(static fn ($row): bool => str_contains($row->text(), 'Front bearing block'));
        self::assertStringContainsString('of 1 looked at', $bar->text());
        $cases = $this->browser->click($bar->filter('a')->link());
        self::assertStringContainsString($signed->number, $cases->filter('.floorlist')->text());
        $this->browser->request('GET', '/numbers?as=csv');
        self::assertStringStartsWith('plot,what,cases', $this->browser->getInternalResponse()->getContent());
        $this->browser->request('GET', '/numbers?q=customer:nobody');
        self::assertStringContainsString('there is nothing to be counted', $this->said());
    }
}
