<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\Engine\CaseFacts;
use App\Evidence\PartRecord;
use App\Evidence\Repository\StackPieceRepository;
use App\Intake\CameAs;
use App\Intake\CaseFile;
use App\Intake\EarlierWork;
use App\Intake\YesNo;
use App\Laboratory\LabOrder;
use App\Parts\PartViews;
use App\Teardown\BenchThing;
use Japhrex\Core\Chain\Ground\ReadingFact;
use Japhrex\Core\Chain\Ground\ToldFact;

/** What the bench knows of a unit beside its finds: what others looked into, what earlier hands left, what is lent. */
final class InsideTest extends AppTestCase
{
    /** @return array<string, bool> */
    private function told(CaseFile $case): array
    {
        $facts = self::service(CaseFacts::class)->factsOf($this->fresh($case))->told;

        return array_combine(
            array_map(static fn (ToldFact $one): string => $one->key, $facts),
            array_map(static fn (ToldFact $one): bool => $one->is, $facts),
        );
    }

    public function testWhatALaboratoryReadReplacesWhatTheEyeGuessedAndWhatNobodyCanJudgeSaysNothing(): void
    {
        $case = $this->aCase();
        self::assertNotNull($case->arrival);
        $case->arrival->water = YesNo::No;
        self::em()->flush();
        self::assertSame(['water' => false], $this->told($case));
        $this->signIn(Role::Bench);
        self::assertSame(422, $this->act($case, 'laboratory', ['kind' => 'fluid', 'sample' => 'bottle 1'], 'laboratory'));
        $sent = ['kind' => 'fluid', 'sample' => 'bottle 1', 'laboratory' => 'Quay laboratory', 'dueOn' => '2026-01-05'];
        self::assertSame(303, $this->act($case, 'laboratory', $sent, 'laboratory'));
        $this->browser->request('GET', '/cases/'.$case->number.'/strip');
        self::assertStringContainsString('Quay laboratory was to answer by 5 Jan', $this->said());
        $order = self::em()->getRepository(LabOrder::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        $answer = fn (array $fields): int => $this->act($case, 'laboratory/'.$order?->id, $fields, 'laboratory');
        self::assertSame(422, $answer(['table' => 'all is well', 'says' => 'typed for nothing?']));
        $page = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('typed for nothing?', $page, 'what was typed stays');
        self::assertSame(303, $answer(['table' => "H2O;1200;mg/kg\nKV40;36;mm2/s\nNickel;3;mg/kg\n"]));
        // Without the fresh fluid's viscosity nobody can say that it is thin.
        self::assertSame(['water' => true], $this->told($case));
        $this->browser->request('GET', '/cases/'.$case->number.'/laboratory');
        self::assertStringContainsString('Free water: rust', $this->said());
        self::assertStringContainsString('nothing to judge it by', $this->said());
        self::assertStringContainsString('Nickel 3', $this->said());
        self::assertSame(303, $answer(['values' => ['viscosity-40' => '36'], 'new' => ['viscosity-40' => '46']]));
        self::assertSame(['aged' => false, 'thin' => true, 'water' => false], $this->sorted($this->told($case)));
    }

    public function testAUnitThatCameInABoxHasLostWhatNobodyCanKnowAnyMore(): void
    {
        $case = $this->aCase();
        self::assertNotNull($case->arrival);
        $case->arrival->cameAs = CameAs::Stripped;
        self::em()->flush();
        self::assertSame(['came-apart' => true], $this->told($case));
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/strip');
        self::assertStringContainsString('which way each part faced', $this->said());
    }

    public function testAStackIsKeptAsItLayAndEarlierWorkWithWhatWasLeftOut(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $add = fn (string $what, string $thick): int => $this->act(
            $case,
            'parts/relief-spring/stack',
            ['what' => $what, 'thickness' => $thick],
            'parts/relief-spring',
        );
        self::assertSame([303, 422, 303], [$add('spring', '38 mm'), $add('shim', 'thin'), $add('shim', '0.50 mm')]);
        $stack = self::service(StackPieceRepository::class)->stackOf($this->fresh($case), 'relief-spring');
        self::assertSame([1 => 'spring, 38 mm', 2 => 'shim, 0.50 mm'], array_combine(
            array_map(static fn ($one): int => $one->nth, $stack),
            array_map(static fn ($one): string => $one->words(), $stack),
        ));
        $this->signIn(Role::Desk);
        self::assertSame(422, $this->act($case, 'intake/earlier-work', ['work' => ['what' => 'Tank cleaned']]));
        $this->browser->request('GET', '/cases/'.$case->number.'/intake');
        $this->browser->submitForm('Keep this work', ['work[what]' => 'Tank cleaned', 'work[was]' => 'left-out']);
        self::assertSame(1, self::em()->getRepository(EarlierWork::class)->count(['what' => 'Tank cleaned']));
    }

    public function testWhatAHandGuessedCountsUntilAGaugeHasSpokenAndStaysBesideIt(): void
    {
        $case = $this->aG28();
        $readings = fn (): array => array_map(
            static fn (ReadingFact $one): string => $one->name.' '.$one->verdict->value,
            self::service(CaseFacts::class)->factsOf($this->fresh($case))->readings,
        );
        $this->signIn(Role::Bench);
        $felt = fn (string $guess, string $against = ''): int => $this->act(
            $case,
            'parts/body/felt/side-clearance',
            ['guess' => $guess, 'way' => 'along', 'againstAGoodOne' => $against],
            'parts/body',
        );
        self::assertSame([422, 303], [$felt('a lot'), $felt('0.3 mm')]);
        self::assertSame(['Side clearance of gears and blocks outside'], $readings());
        // Another hand says that it is none: the two stand side by side, and nothing is known.
        self::assertSame(303, $felt('0.03 mm', '1'));
        self::assertSame([], $readings());
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/body');
        self::assertStringContainsString('about 0.3 mm along, a guess', $this->said());
        self::assertStringContainsString('about 0.03 mm along, against a good one', $this->said());
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('Felt, not measured: body, side clearance of gears and blocks, about 0.3 mm along', $this->said());
    }

    public function testWhatIsFeltIsALookWeighsAndGivesWayToAGauge(): void
    {
        $case = $this->aG28();
        $record = new PartRecord($case, 'coupling');
        $record->play = 3;
        self::em()->persist($record);
        self::em()->flush();
        $readings = fn (): array => array_map(
            static fn (ReadingFact $one): string => $one->part.' '.$one->verdict->value,
            self::service(CaseFacts::class)->factsOf($this->fresh($case))->readings,
        );
        self::assertSame(['coupling outside'], $readings());
        self::assertTrue(self::service(PartViews::class)->partsOf($this->fresh($case))->views['coupling']->isLookedAt());
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('play by hand: knocks. No picture shows it.', $this->said());
    }

    public function testWhatIsLentGoesBackAndIsAskedAfterWhenItsDayIsPast(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $ready = fn (array $fields): int => $this->act($case, 'bench', $fields, 'bench');
        self::assertSame(422, $ready(['item' => 'tool puller', 'lentBy' => 'the yard', 'backOn' => 'soon']));
        self::assertSame(303, $ready(['item' => 'tool puller', 'lentBy' => 'the yard', 'backOn' => '2026-01-05']));
        $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        self::assertStringContainsString('Puller was to go back to the yard on 5 Jan', $this->said());
        $thing = self::em()->getRepository(BenchThing::class)->findOneBy(['item' => 'tool puller']);
        self::assertSame(303, $this->act($case, 'bench/'.$thing?->id.'/back', [], 'bench'));
        $this->browser->request('GET', '/cases/'.$case->number.'/parts');
        self::assertStringNotContainsString('was to go back', $this->said());
    }

    /**
     * @param array<string, bool> $facts
     *
     * @return array<string, bool>
     */
    private function sorted(array $facts): array
    {
        ksort($facts);

        return $facts;
    }
}
