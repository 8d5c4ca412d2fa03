<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Books\BookShelf;
use App\Evidence\Film;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Evidence\PictureTool;
use App\Evidence\Reference;
use App\Intake\CaseFile;
use App\Teardown\StepRecord;

/** Looking at pictures: the film in its orders, the reference collection, and where a picture was taken. */
final class FilmAndReferenceTest extends AppTestCase
{
    private const PHOTOS = __DIR__.'/../../demo/photos/';

    private static function take(CaseFile $case, string $name, ?string $part, PhotoStage $stage = PhotoStage::AsFound): Photo
    {
        return self::service(PhotoIntake::class)->take(self::PHOTOS.$name.'.jpg', $name.'.jpg', $case, $part, $stage);
    }

    public function testTheFilmGoesByPartStageOrStepInTheOrderOfTheWork(): void
    {
        $case = $this->aCase();
        $gear = self::take($case, 'gear-good', 'drive-gear', PhotoStage::Cleaned);
        $block = self::take($case, 'block-good', 'rear-block');
        $unit = self::take($case, 'arrival-port', null, PhotoStage::Arrival);
        $film = self::service(Film::class);
        self::assertSame(['The unit', 'Rear bearing block', 'Drive gear and shaft'], array_keys($film->reels($case, 'part')));
        self::assertSame(['Arrival', 'As found', 'Cleaned'], array_keys($film->reels($case, 'stage')));
        self::assertSame([$unit], $film->reels($case, 'step')['On arrival']);
        // It has no time in it: the step that brings the part to light.
        $strip = self::service(BookShelf::class)->book('external-gear-pump')->strip;
        self::assertSame([$block], $film->reels($case, 'step')[$strip['rear-block']->title]);
        [$heading, $reel] = $film->around($gear, 'stage');
        self::assertSame(['Cleaned', [$gear]], [$heading, $reel]);
        $this->signIn(Role::Viewer);
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/photos?by=stage');
        self::assertSame(['Arrival', 'As found', 'Cleaned'], $page->filter('.reel h2')->each(static fn ($h): string => $h->text()));
        self::assertSame('lazy', $page->filter('.reel img')->first()->attr('loading'));
    }

    public function testAPictureTakenWhileAStepWasInHandBelongsToThatStep(): void
    {
        $case = $this->aCase();
        $photo = self::take($case, 'block-good', 'body');
        self::em()->createQuery(
            'UPDATE '.\App\Evidence\Picture::class." p SET p.takenAt = '2026:11:20 10:05:00' WHERE p.id = :id"
        )->execute(['id' => $photo->picture->id->toRfc4122()]);
        foreach (['screws' => '10:00', 'rear-cover' => '10:10'] as $step => $at) {
            self::em()->persist($record = new StepRecord($case, $step));
            $record->at = new \DateTimeImmutable('2026-11-20 '.$at);
        }
        self::em()->flush();
        $case = $this->fresh($case);
        $title = self::service(BookShelf::class)->book('external-gear-pump')->strip['rear-cover']->title;
        self::assertSame([$title], array_keys(self::service(Film::class)->reels($case, 'step')));
    }

    public function testAnAnalystKeepsExamplesAndTheyAreOfferedBesideTheSamePart(): void
    {
        [$old, $new] = [$this->aCase(), $this->aCase()];
        $good = self::take($old, 'gear-good', 'drive-gear');
        $worn = self::take($new, 'gear-scored', 'drive-gear');
        $page = 'photos/'.$good->id;
        $this->signIn(Role::Bench);
        $beside = fn (): array => $this->browser->request('GET', '/cases/'.$new->number.'/parts/drive-gear')
            ->filter('form[action$="/findings"] .gradeby p')->each(static fn ($one): string => trim($one->text()));
        self::assertSame([], $beside());
        self::assertSame(403, $this->act($old, $page.'/reference', ['grade' => '0'], $page));
        $this->signIn(Role::Analyst);
        self::assertSame(422, $this->act($old, $page.'/reference', ['grade' => '3'], $page), 'an example of damage says of which kind');
        self::assertSame(303, $this->act($old, $page.'/reference', ['grade' => '0', 'words' => 'As new'], $page));
        $example = self::em()->getRepository(Reference::class)->findOneBy(['photo' => $good]);
        self::assertNotNull($example);
        $compare = $this->browser->request('GET', '/cases/'.$new->number.'/compare?left='.$worn->id);
        self::assertSame(
            ['a good one: As new'],
            $compare->filter('optgroup[label="Reference collection"] option')->each(static fn ($o): string => trim($o->text())),
        );
        self::assertStringContainsString('As new', $this->browser->request('GET', '/library/reference')->filter('.examples')->text());
        self::assertSame(['0 As new'], $beside(), 'where a find on the part is written down');
        $this->browser->request('POST', '/reference/'.$example->id.'/remove', ['_token' => $this->token('/cases/'.$old->number.'/'.$page)]);
        self::assertSame(0, self::em()->getRepository(Reference::class)->count(['photo' => $good]));
        self::assertSame([], $beside());
    }

    public function testWhereItWasTakenStaysInTheOriginalAndIsWrittenOnACopyOnlyWhenAskedFor(): void
    {
        // EXIF by hand: 54° 30′ 36″ N, 3° 36′ 0″ W, which is 54.51 N and 3.6 W of Greenwich.
        $entry = static fn (
            int $tag,
            int $type,
            int $count,
            string $value,
        ): string => pack('vvV', $tag, $type, $count).str_pad($value, 4, "\0");
        $gps = pack('v', 4).$entry(1, 2, 2, "N\0").$entry(2, 5, 3, pack('V', 80)).$entry(3, 2, 2, "W\0").$entry(4, 5, 3, pack('V', 104))
            .pack('V', 0);
        $tiff = "II*\0".pack('V', 8).pack('v', 1).$entry(0x8825, 4, 1, pack('V', 26)).pack('V', 0).$gps.pack('V6', 54, 1, 30, 1, 36, 1)
            .pack('V6', 3, 1, 36, 1, 0, 1);
        $jpeg = (string) file_get_contents(self::PHOTOS.'gear-good.jpg');
        $file = (string) tempnam(sys_get_temp_dir(), 'gps');
        file_put_contents($file, "\xff\xd8\xff\xe1".pack('n', 8 + \strlen($tiff))."Exif\0\0".$tiff.substr($jpeg, 2));
        $tool = self::service(PictureTool::class);
        self::assertSame('54.51000° N 3.60000° W', $tool->position($file));
        self::assertSame('', $tool->position(self::PHOTOS.'gear-good.jpg'));
        $case = $this->aCase();
        $photo = self::service(PhotoIntake::class)->take($file, 'gps.jpg', $case, 'body', PhotoStage::AsFound);
        $this->signIn(Role::Bench);
        $copies = [];
        foreach (['', '?position=yes'] as $query) {
            $this->browser->request('GET', '/cases/'.$case->number.'/photos/'.$photo->id.'/marked.jpg'.$query);
            file_put_contents($file, $copies[] = $this->browser->getInternalResponse()->getContent());
            self::assertSame('', $tool->position($file), 'no copy carries it inside');
        }
        self::assertNotSame($copies[0], $copies[1], 'asked for, it is written below the picture');
        unlink($file);
    }
}
