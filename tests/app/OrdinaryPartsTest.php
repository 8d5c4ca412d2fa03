<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Repository\UndoStepRepository;
use App\Account\Role;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Shop\FloorGroup;
use App\Shop\FloorGroups;
use App\Teardown\StepRecord;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Teardown\StepState;
use Symfony\Component\DomCrawler\Crawler;

/** What is ordinary takes one act for many, what is unusual a tap each; and nothing is said that nobody has seen. */
final class OrdinaryPartsTest extends AppTestCase
{
    /** A gear pump that is apart, with one picture of each step. */
    private function apart(): CaseFile
    {
        $case = $this->aCase();
        foreach (self::service(BookShelf::class)->book($case->family)->strip as $i => $step) {
            self::em()->persist($record = new StepRecord($case, $step->key));
            $record->state = StepState::Done;
        }
        self::em()->flush();
        foreach (['suction-fitting' => 'gear-good', 'shaft-key' => 'seal-good', 'relief-valve' => 'vanes-good'] as $part => $photo) {
            self::service(PhotoIntake::class)->take(
                __DIR__.'/../../demo/photos/'.$photo.'.jpg', $photo.'.jpg', $case, $part, PhotoStage::AsFound,
            );
        }
        self::em()->flush();

        return $case;
    }

    /** @return array<string, Finding> by part */
    private function finds(CaseFile $case): array
    {
        self::em()->clear();
        $finds = [];
        foreach (self::em()->getRepository(Finding::class)->findBy(['case' => $case->id->toRfc4122()]) as $finding) {
            $finds[$finding->part] = $finding;
        }

        return $finds;
    }

    /** @return list<string> parts that the page would call clean */
    private function offered(CaseFile $case): array
    {
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/parts');

        return array_map(strval(...), array_values($page->filter('#rest input[name="parts[]"]')->extract(['value'])));
    }

    private function record(CaseFile $case, string $part): ?PartRecord
    {
        return self::em()->getRepository(PartRecord::class)->findOneBy(['case' => $case->id->toRfc4122(), 'part' => $part]);
    }

    public function testTheBenchCallsTheRestCleanInOneActAndEachPartSaysThatItWasOneOfMany(): void
    {
        $bench = $this->signIn(Role::Bench);
        $case = $this->apart();
        $parts = $this->offered($case);
        self::assertContains('pressure-fitting', $parts);
        self::assertNotContains('drive-gear', $parts, 'the book wants it measured');
        self::assertStringContainsString('the book wants it measured', $this->said());
        self::assertSame(303, $this->act($case, 'rest', ['parts' => [...$parts, 'drive-gear'], 'step' => '']));
        $finds = $this->finds($case);
        self::assertEqualsCanonicalizing($parts, array_keys($finds), 'what was not offered is not touched');
        self::assertSame(FindingKind::Clean, $finds['pressure-fitting']->kind);
        self::assertSame(\count($parts), $finds['pressure-fitting']->sweptWith());
        self::assertSame($bench->name, $finds['pressure-fitting']->byWhom);
        self::assertNull($this->record($case, 'pressure-fitting'), 'the bench looks, the analyst decides');
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/pressure-fitting');
        self::assertStringContainsString('one of '.\count($parts).' in one act', $this->said());
        // One act is taken back as one.
        $step = self::service(UndoStepRepository::class)->ofCase($case->id, 1)[0] ?? self::fail();
        $this->act($case, 'undo/'.$step->id);
        self::assertSame([], $this->finds($case));
    }

    public function testALookBeforeAPartComesOffIsAnsweredAtItsPlaceAndClearsNothing(): void
    {
        $case = $this->apart();
        $this->signIn(Role::Bench);
        $offered = $this->offered($case);
        self::assertContains('coupling', $offered);
        $look = static fn (int $i): string => self::service(BookShelf::class)->book($case->family)->strip['coupling']->look[$i];
        $answer = fn (array $said): int => $this->act($case, 'strip/coupling/look', $said, 'strip?step=coupling');
        self::assertSame(303, $answer(['look' => $look(0), 'part' => 'coupling']));
        self::assertSame(303, $answer(['look' => $look(1), 'part' => 'coupling', 'note' => '4 mm proud of the shaft end']));
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/strip?step=coupling');
        self::assertSame(
            ['Coupling looked, nothing of note test bench', 'Coupling 4 mm proud of the shaft end test bench'],
            $page->filter('.look .told')->each(static fn (Crawler $one): string => $one->text()),
        );
        self::assertSame($offered, $this->offered($case), 'a look in passing is no look at the part');
        self::assertSame('How far the hub stood on the shaft: 4 mm proud of the shaft end', $this->finds($case)['coupling']->note);

        self::assertSame(422, $answer(['look' => $look(0), 'part' => 'shaft-key', 'mode' => 'fretting']), 'damage has a grade');
        self::assertSame(404, $answer(['look' => 'Something else', 'part' => 'shaft-key']));
        self::assertSame(303, $answer(['look' => $look(0), 'part' => 'shaft-key', 'mode' => 'fretting', 'grade' => '2']));
        self::assertSame([FindingKind::Damage, 2], [($key = $this->finds($case)['shaft-key'])->kind, $key->grade]);
        self::assertNotContains('shaft-key', $this->offered($case));
    }

    public function testWhatIsAskedBeforeAPartComesOffStandsAtItsStepFromTheStart(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        self::em()->persist(new StepRecord($case, 'outside'));
        self::em()->flush();
        $needed = fn (string $step): string => $this->browser->request('GET', '/cases/'.$case->number.'/strip?step='.$step)
            ->filter('.needed')->text('');
        self::assertSame('', $needed('outside'));
        self::assertSame('Asked before it comes off: the mark, a photo as found. Later nobody can tell.', $needed('coupling'));
    }

    public function testAnAnalystDecidesInTheSameActAndSealsGoAsTheBookSays(): void
    {
        $this->signIn(Role::Analyst);
        $case = $this->apart();
        $book = self::service(BookShelf::class)->book($case->family);
        $parts = $this->offered($case);
        $this->act($case, 'rest', ['parts' => $parts, 'step' => '']);
        foreach ($parts as $part) {
            $record = $this->record($case, $part);
            self::assertSame(
                'inspect' === $book->parts[$part]->reuse->value ? Disposition::Reuse : Disposition::AlwaysReplace,
                $record?->disposition,
                $part,
            );
        }
        self::assertSame(409, $this->act($case, 'rest', ['parts' => $parts, 'step' => '']), 'twice is once');
        // What was found after all contradicts "nothing found": it is decided on anew.
        $fields = ['grade' => '2', 'damage' => 'corrosion@pressure-fitting'];
        self::assertSame(303, $this->act($case, 'one-by-one/pressure-fitting', $fields, 'one-by-one'));
        self::em()->clear();
        self::assertSame([null, ''], [
            $this->record($case, 'pressure-fitting')?->disposition, $this->record($case, 'pressure-fitting')?->dispositionReason,
        ]);
    }

    public function testWhatWasLookedAtByItselfIsDecidedOnAndNotSaidToBeOneOfMany(): void
    {
        $bench = $this->signIn(Role::Bench);
        $case = $this->apart();
        $this->act($case, 'parts/pressure-fitting/clean');
        $this->signIn(Role::Analyst);
        $parts = $this->offered($case);
        self::assertContains('pressure-fitting', $parts);
        $this->act($case, 'rest', ['parts' => $parts, 'step' => '']);
        $finds = $this->finds($case);
        self::assertNull($finds['pressure-fitting']->sweptWith());
        self::assertSame($bench->name, $finds['pressure-fitting']->byWhom);
        self::assertSame('Looked at: nothing found.', $this->record($case, 'pressure-fitting')?->dispositionReason);
        unset($finds['pressure-fitting']);
        foreach ($finds as $finding) {
            self::assertSame(\count($parts) - 1, $finding->sweptWith(), 'so many were looked over, not one more');
        }
    }

    public function testATapLeavesWhatSomebodyElseSaidOfAFace(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->apart();
        $this->act($case, 'parts/front-block/clean', ['surface' => 'back']);
        $this->signIn(Role::Analyst);
        $this->act($case, 'one-by-one/front-block', ['grade' => '2', 'damage' => 'scoring@front-block/face'], 'one-by-one');
        $said = array_map(
            static fn (Finding $one): array => [$one->kind, $one->surface, $one->byWhom],
            self::em()->getRepository(Finding::class)->findBy(['case' => $case->id->toRfc4122()], ['id' => 'ASC']),
        );
        self::assertSame(
            [[FindingKind::Clean, 'back', 'test bench'], [FindingKind::Damage, 'face', 'test analyst']],
            $said,
        );
    }

    public function testATapIsAGradeAndASecondTapOfTheSameMendsIt(): void
    {
        $this->signIn(Role::Analyst);
        $case = $this->apart();
        $tap = fn (array $fields): int => $this->act($case, 'one-by-one/front-block', $fields, 'one-by-one');
        self::assertSame(422, $tap(['disposition' => 'reuse']), 'nobody has looked');
        self::assertStringContainsString('Look at it first', $this->said());
        self::assertSame(422, $tap(['grade' => '3', 'damage' => '']));
        self::assertStringContainsString('What kind of damage is it?', $this->said());
        self::assertSame(303, $tap(['grade' => '0']));
        self::assertSame(303, $tap(['grade' => '2', 'damage' => 'scoring@front-block/face']));
        self::assertSame(303, $tap(['grade' => '3', 'damage' => 'scoring@front-block/face']));
        $finds = $this->finds($case);
        self::assertCount(1, self::em()->getRepository(Finding::class)->findAll(), 'it was one find all along');
        $find = $finds['front-block'];
        self::assertSame([3, 'scoring', 'face'], [$find->grade, $find->mode, $find->surface]);
        self::assertSame(422, $tap(['grade' => '0']), 'what is damaged is not clean');
        self::assertSame(303, $tap(['disposition' => 'replace']));
        self::assertSame('Scoring, grade 3 (running face).', $this->record($case, 'front-block')?->dispositionReason);
        self::assertSame(422, $tap(['grade' => '5']));
    }

    public function testTheBenchTapsGradesAndDecidesNothing(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->apart();
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/one-by-one?part=coupling');
        self::assertCount(5, $page->filter('button[name=grade]'));
        self::assertCount(0, $page->filter('button[name=disposition]'));
        self::assertSame(403, $this->act($case, 'one-by-one/coupling', ['disposition' => 'reuse'], 'one-by-one'));
        self::assertSame(303, $this->act($case, 'one-by-one/coupling', ['grade' => '0'], 'one-by-one'));
        self::assertStringEndsWith('part=shaft-key', (string) $this->browser->getResponse()->headers->get('Location'), 'the next comes');
    }

    public function testTheFloorSaysWhatWaitsForWhom(): void
    {
        $bench = $this->person(Role::Bench);
        [$mine, , $apart] = [$this->aCase(), $this->aCase(), $this->aCase()];
        $mine->holder = $bench;
        $apart->moveTo(\App\Intake\Stage::Chain);
        self::em()->flush();
        self::service(\App\Memory\Remember::class)->due();
        $titles = static fn (\App\Account\User $who): array => array_map(
            static fn (FloorGroup $group): array => [$group->title, $group->count, $group->isYours],
            self::service(FloorGroups::class)->for($who),
        );
        self::assertSame(
            [['In your hand', 1, true], ['Taken in, to be stripped', 1, true], ['Chain to be closed', 1, false]],
            $titles($bench),
        );
        self::assertSame(
            [['Chain to be closed', 1, true], ['Taken in, to be stripped', 2, false]],
            $titles($this->person(Role::Analyst)),
        );
    }
}
