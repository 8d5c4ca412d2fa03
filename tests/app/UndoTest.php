<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Repository\UndoStepRepository;
use App\Account\Role;
use App\Account\Undo\UndoStep;
use App\Books\BookShelf;
use App\Books\DoneInWords;
use App\Evidence\Finding;
use App\Evidence\Mark;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Statement;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\MarkShape;

/** What was done to a case is taken back, and put back, whole; nothing that was signed is touched by it. */
final class UndoTest extends AppTestCase
{
    private function last(CaseFile $case): UndoStep
    {
        return self::service(UndoStepRepository::class)->ofCase($case->id, 1)[0] ?? self::fail('Nothing can be taken back.');
    }

    private function undo(CaseFile $case, UndoStep $step, string $how = 'undo'): int
    {
        $status = $this->act($case, $how.'/'.$step->id);
        self::em()->clear();

        return $status;
    }

    private function statement(CaseFile $case): Statement
    {
        $this->send('/cases/'.$case->number.'/intake', '/intake/statements', [
            'statement[who]' => 'driver', 'statement[words]' => 'It whined for a week.',
        ]);

        return self::em()->getRepository(Statement::class)->findOneBy(['case' => $case->id->toRfc4122()])
            ?? self::fail('It was not taken.');
    }

    public function testARemovedPhotoComesBackWithItsMarksAndTheirFindings(): void
    {
        $bench = $this->signIn(Role::Bench);
        $case = $this->aCase();
        $photo = self::service(PhotoIntake::class)->take(
            __DIR__.'/../../demo/photos/block-good.jpg',
            'block.jpg',
            $case,
            'body',
            PhotoStage::AsFound,
        );
        $photo->describe('body', PhotoStage::AsFound, 'suction side');
        $finding = new Finding($case, 'body');
        $finding->kind = FindingKind::Clean;
        $finding->doneBy($bench);
        $mark = new Mark($photo, MarkShape::Arrow, [[0.1, 0.2], [0.3, 0.4]], null, 2, 'here', $bench, $finding);
        array_map(self::em()->persist(...), [$finding, $mark]);
        self::em()->flush();
        $taken = $photo->madeAt->getTimestamp();

        self::assertSame(303, $this->act($case, 'photos/'.$photo->id.'/remove'));
        self::em()->clear();
        self::assertSame([null, null], [self::em()->find(Photo::class, $photo->id), self::em()->find(Mark::class, $mark->id)]);
        $this->browser->request('GET', '/cases/'.$case->number.'/intake');
        self::assertStringContainsString('Undo: Photo', $this->said(), 'it is offered beside the work');
        self::assertSame(303, $this->undo($case, $this->last($case)));

        $back = self::em()->find(Photo::class, $photo->id) ?? self::fail('It did not come back.');
        self::assertSame(['suction side', 'body', $taken], [$back->caption, $back->part, $back->madeAt->getTimestamp()]);
        $drawn = self::em()->find(Mark::class, $mark->id) ?? self::fail('Its mark did not come back.');
        self::assertSame([[[0.1, 0.2], [0.3, 0.4]], 'here', 2], [$drawn->points, $drawn->note, $drawn->grade]);
        self::assertEquals($finding->id, $drawn->finding?->id);
        $this->browser->request('GET', '/cases/'.$case->number.'/intake');
        self::assertStringNotContainsString('Undo: Photo', $this->said());
        // And away again from the history, and back once more.
        self::assertSame([303, null], [$this->undo($case, $this->last($case), 'redo'), self::em()->find(Photo::class, $photo->id)]);
        self::assertSame(303, $this->undo($case, $this->last($case)));
        self::assertNotNull(self::em()->find(Mark::class, $mark->id));
    }

    public function testAChangedFieldGoesBackToWhatItWasUnlessSomebodyChangedItSince(): void
    {
        $this->signIn(Role::Desk);
        $case = $this->aCase();
        $page = '/cases/'.$case->number.'/intake';
        foreach (['Pellam', 'Ketterby'] as $maker) {
            self::assertSame(303, $this->send($page, '/intake/unit', ['unit[maker]' => $maker]));
        }
        [$second, $first] = self::service(UndoStepRepository::class)->ofCase($case->id, 2);
        self::assertSame(409, $this->undo($case, $first));
        self::assertStringContainsString('The same was changed since, by test desk', $this->said());
        self::assertSame([303, 'Pellam'], [$this->undo($case, $second), $this->fresh($case)->maker]);
        self::assertSame([303, ''], [$this->undo($case, $first), $this->fresh($case)->maker]);
        self::assertSame(409, $this->undo($case, $first), 'once');
        self::assertSame([303, 'Pellam'], [$this->undo($case, $first, 'redo'), $this->fresh($case)->maker]);
    }

    public function testWhatWasAddedGoesAndComesBackAsItWasWhenItWent(): void
    {
        $this->signIn(Role::Desk);
        $case = $this->aCase();
        $statement = $this->statement($case);
        $added = $this->last($case);
        self::assertSame(303, $this->undo($case, $added));
        self::assertNull(self::em()->find(Statement::class, $statement->id));
        self::assertSame(303, $this->undo($case, $added, 'redo'));
        self::assertSame('It whined for a week.', self::em()->find(Statement::class, $statement->id)?->words);
    }

    public function testAStatementIsCorrectedAndItsFirstWordingStaysInTheHistory(): void
    {
        $this->signIn(Role::Desk);
        $case = $this->aCase();
        $at = 'intake/statements/'.$this->statement($case)->id;
        self::assertSame(422, $this->act($case, $at, ['words' => ' ', 'who' => 'driver']));
        self::assertSame(303, $this->act($case, $at, ['words' => 'It whined for a day.', 'who' => 'driver']));
        $this->browser->request('GET', '/cases/'.$case->number.'/history');
        self::assertStringContainsString('It whined for a week. It whined for a day.', $this->said(), 'before and after');
        self::assertSame(303, $this->act($case, $at.'/remove'));
        self::assertSame(303, $this->undo($case, $this->last($case)));
        self::assertSame('It whined for a day.', self::em()->getRepository(Statement::class)->findOneBy([])?->words);
    }

    public function testACaseTakenInByMistakeLeavesTheFloorAndComesBack(): void
    {
        $this->signIn(Role::Desk);
        $case = $this->aCase('WD-2041');
        self::assertSame(422, $this->act($case, 'withdraw', ['because' => '']));
        self::assertSame(303, $this->act($case, 'withdraw', ['because' => 'Taken in twice.']));
        $this->browser->request('GET', '/');
        self::assertStringNotContainsString($case->number, $this->said());
        $this->browser->followRedirects();
        $this->browser->request('GET', '/cases?q='.$case->number);
        $this->browser->followRedirects(false);
        self::assertStringContainsString('Withdrawn', $this->said(), 'its number still finds it');
        self::assertSame(409, $this->act($case, 'hold'));
        self::assertStringContainsString('was withdrawn: Taken in twice. Put it back first', $this->said());
        self::assertSame(303, $this->act($case, 'put-back'));
        self::assertSame(303, $this->act($case, 'hold'));
        $this->signIn(Role::Viewer);
        self::assertSame(403, $this->act($case, 'withdraw', ['because' => 'no']));
    }

    public function testWhatSomebodyElseDidIsTheirsOrTheAnalysts(): void
    {
        $this->signIn(Role::Desk);
        $case = $this->aCase();
        $this->statement($case);
        $step = $this->last($case);
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/intake');
        self::assertStringNotContainsString('Undo:', $this->said());
        self::assertSame(409, $this->undo($case, $step));
        $this->signIn(Role::Viewer);
        self::assertSame(403, $this->undo($case, $step));
        $this->signIn(Role::Analyst);
        self::assertSame(404, $this->act($this->aCase(), 'undo/'.$step->id), 'of another case');
        self::assertSame(303, $this->undo($case, $step));
    }

    public function testNothingThatWasSignedIsTouched(): void
    {
        $this->signIn(Role::Analyst);
        $case = $this->aCase();
        $complaint = new Complaint($case);
        self::em()->persist($complaint);
        $finding = new Finding($case, 'body');
        $finding->kind = FindingKind::Clean;
        $finding->doneBy($this->person(Role::Analyst));
        self::em()->persist($finding);
        self::em()->flush();
        $this->act($case, 'findings/'.$finding->id.'/remove', [], 'parts/body');
        $step = $this->last($case);
        $signed = $this->fresh($case);
        self::em()->getConnection()->executeStatement(
            "UPDATE case_file SET stage = 'signed', signed_at = now() + interval '1 second' WHERE id = ?",
            [(string) $signed->id],
        );
        self::em()->clear();
        self::assertSame(409, $this->undo($case, $step));
        self::assertStringContainsString('the signature rests on it', $this->said());
    }

    public function testWhatWasDoneIsSaidInTheWordsOfTheBook(): void
    {
        $book = self::service(BookShelf::class)->book('external-gear-pump');
        foreach ([
            'Finding on rear-block/face added' => 'Finding on rear bearing block, running face added',
            'Part drive-gear changed, and 2 more' => 'Part drive gear and shaft changed, and 2 more',
            'Reading thickness of drive-gear added' => 'Reading of drive gear and shaft, gear width added',
            'Strip step rear-cover added' => 'Strip step: rear cover off added',
            'Build step fit-rear-cover added' => 'Build step: rear cover off added',
            'Complaint low-flow removed' => 'Complaint: low flow or slow movement removed',
            'Photo part 7.jpg added' => 'Photo part 7.jpg added',
            'Finding on nothing-known added' => 'Finding on nothing-known added',
        ] as $kept => $said) {
            self::assertSame($said, DoneInWords::of($kept, $book));
        }
    }
}
