<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\Engine\CaseFacts;
use App\Evidence\Clips\ClipIntake;
use App\Evidence\Finding;
use App\Evidence\Judgement;
use App\Evidence\PhotoStage;
use App\Evidence\RecordFinding;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Laboratory\LabOrder;
use App\Measuring\Reading;
use App\Measuring\Repository\ReadingRepository;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\Sureness;

/** Nobody's judgement is overwritten: what was said before, by others, by a laboratory or in a spoken note stands beside. */
final class HowOthersJudgeTest extends AppTestCase
{
    private function scored(CaseFile $case, string $who): Finding
    {
        $finding = new Finding($case, 'drive-gear');
        $finding->sawDamage('scoring', 3, 'as it came');
        self::service(RecordFinding::class)($finding, $this->person(Role::Bench, $who));

        return $finding;
    }

    private static function find(CaseFile $case): Finding
    {
        return self::service(FindingRepository::class)->ofPart($case, 'drive-gear')[0];
    }

    public function testWhatIsJudgedAnewKeepsWhatWasSaidBeforeWithTheReason(): void
    {
        $case = $this->aCase();
        $this->scored($case, 'first');
        $this->signIn(Role::Bench, 'second');
        $page = '/cases/'.$case->number.'/parts/drive-gear';
        $link = $this->browser->request('GET', $page)->filter('article.finding')->selectLink('Change')->link();
        $form = $this->browser->click($link)->filter('form[action$="/findings/'.self::find($case)->id.'"]')->form();
        $name = explode('[', (string) array_key_first($form->all()))[0];
        $this->browser->submit($form, [$name.'[grade]' => '1', $name.'[because]' => 'wiped off: a track of the dirt']);
        $finding = self::find($this->fresh($case));
        self::assertSame(1, $finding->grade);
        self::assertSame(
            [['first', 3, 'wiped off: a track of the dirt']],
            array_map(
                static fn (Judgement $one): array => [explode(' ', $one->who)[1] ?? '', $one->grade, $one->because],
                $finding->judgedBefore(),
            ),
        );
        $this->browser->request('GET', $page);
        self::assertStringContainsString('judged anew: wiped off: a track of the dirt', $this->said());
    }

    public function testASlipOfTheFingerIsNotKept(): void
    {
        $case = $this->aCase();
        $finding = $this->scored($case, 'first');
        $was = $finding->judgement($finding->madeAt);
        $finding->sawDamage('scoring', 2, '');
        self::service(RecordFinding::class)($finding, $this->person(Role::Bench, 'first'), was: $was);
        self::assertSame([], $finding->judgedBefore());
    }

    public function testASecondOpinionStandsBesideAndTheFindWeighsLess(): void
    {
        $case = $this->aCase();
        $finding = $this->scored($case, 'first');
        $sure = static fn (CaseFile $case): Sureness => self::service(CaseFacts::class)->factsOf($case)->looks[0]->sure;
        self::assertSame(Sureness::Sure, $sure($case));
        $this->signIn(Role::Bench, 'first');
        $say = fn (string $as): int => $this->act(
            $case, 'findings/'.$finding->id.'/opinion', ['as' => $as, 'because' => 'a tool mark'], 'parts/drive-gear',
        );
        self::assertSame(409, $say('1'), 'nobody has a second opinion on what he said himself');
        $this->signIn(Role::Bench, 'second');
        self::assertSame([422, 303], [$say('enormous'), $say('3')]);
        self::assertSame(Sureness::Sure, $sure($this->fresh($case)), 'they agree');
        self::assertSame(303, $say('normal'));
        $case = $this->fresh($case);
        self::assertSame(Sureness::Fairly, $sure($case));
        $said = array_map(static fn (Judgement $one): FindingKind => $one->kind, self::find($case)->opinions());
        self::assertSame([FindingKind::Normal], $said);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/drive-gear');
        self::assertStringContainsString('sees normal running : a tool mark', $this->said());
    }

    public function testSomebodyElsesFeelStandsBesideTheFirstAndCountsWhereTheyAgree(): void
    {
        $case = $this->aCase();
        $feel = function (string $who, string $play, string $sound) use ($case): void {
            $this->signIn(Role::Bench, $who);
            $page = '/cases/'.$case->number.'/parts/drive-gear';
            $this->browser->submit(
                $this->browser->request('GET', $page)->filter('form[action$="/parts/drive-gear"]')->form(),
                ['part[play]' => $play, 'part[sound]' => $sound],
            );
        };
        $feel('first', '3', '2');
        $feel('second', '1', '2');
        $record = self::service(PartRecordRepository::class)->ofPart($this->fresh($case), 'drive-gear');
        self::assertSame(['play' => 1, 'sound' => 2], $record->senses());
        self::assertSame(['sound' => 2], $record->agreedSenses());
        self::assertCount(1, $record->sensedByOthers());
    }

    public function testANumberThatWasSaidIsAReadingOnlyWhenItIsConfirmed(): void
    {
        $case = $this->aG28();
        $clip = self::service(ClipIntake::class)->take(
            __DIR__.'/../../demo/clips/note-front-bush.webm', 'note.webm', $case, 'drive-gear', PhotoStage::Cleaned,
        );
        $clip->describe('', 'journal nineteen point nine six millimetres');
        self::em()->flush();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/clips/'.$clip->id);
        self::assertStringContainsString('“nineteen point nine six millimetres”', $this->said());
        $journal = $this->browser->getCrawler()->filter('select[name=which] option[value^=journal]')->first()->attr('value');
        $readings = self::service(ReadingRepository::class);
        $read = static fn (CaseFile $case): array => $readings->ofField($case, 'drive-gear', 'journal')->typed ?? [];
        self::assertSame([], $read($case), 'said alone it counts for nothing');
        $keep = fn (string $typed): int => $this->act($case, 'heard', [
            'clip' => (string) $clip->id, 'which' => (string) $journal, 'typed' => $typed,
        ], 'clips/'.$clip->id);
        self::assertSame([422, 303], [$keep('nineteen'), $keep('19.96 mm')]);
        self::assertSame(['19.96 mm'], $read($this->fresh($case)));
    }

    public function testALaboratorysWordOnABreakIsAFindInOnePressAndTellsMoreOfTheOneThatIsThere(): void
    {
        $case = $this->aCase();
        $broke = new Finding($case, 'drive-gear');
        $broke->sawDamage('fracture', 4, 'two teeth');
        self::service(RecordFinding::class)($broke, $this->person(Role::Bench));
        $this->signIn(Role::Bench);
        $sent = ['kind' => 'fracture', 'part' => 'drive-gear', 'sample' => 'tooth 1', 'laboratory' => 'Quay laboratory'];
        self::assertSame(303, $this->act($case, 'laboratory', $sent, 'laboratory'));
        $order = self::em()->getRepository(LabOrder::class)->findOneBy(['sample' => 'tooth 1']);
        $take = fn (array $fields): int => $this->act($case, 'laboratory/'.$order?->id.'/find', $fields, 'laboratory');
        self::assertSame(409, $take(['mode' => 'fracture', 'grade' => '4', 'lies' => 'fatigue']), 'nothing was answered yet');
        self::assertSame(303, $this->act($case, 'laboratory/'.$order?->id, ['says' => 'Rest lines from the root.'], 'laboratory'));
        self::assertSame(422, $take(['mode' => 'fracture', 'grade' => '4', 'lies' => 'inlet']), 'no break lies so');
        self::assertSame(303, $take(['mode' => 'fracture', 'grade' => '4', 'lies' => 'fatigue']));
        $finds = self::service(FindingRepository::class)->ofPart($this->fresh($case), 'drive-gear');
        self::assertSame(['fatigue'], array_map(static fn (Finding $one): ?string => $one->lies, $finds));
        self::assertSame('two teeth Quay laboratory: Rest lines from the root.', $finds[0]->note);
    }

    public function testGearsThatAreMadeAlikeAreHeldAgainstEachOther(): void
    {
        $case = $this->aG28();
        foreach (['drive-gear' => '25.998 mm', 'driven-gear' => '25.950 mm'] as $part => $size) {
            $reading = new Reading($case, $part, 'thickness');
            $reading->typed = [$size];
            self::em()->persist($reading);
        }
        self::em()->flush();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/drive-gear');
        self::assertStringContainsString('made alike, differs by 0.048 mm', $this->said());
        self::assertStringContainsString('one of the two is of another set, or wore alone', $this->said());
    }
}
