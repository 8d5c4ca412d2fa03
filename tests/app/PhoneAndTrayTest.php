<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Evidence\Inbox;
use App\Evidence\PhonePass;
use App\Evidence\PhonePasses;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Evidence\Picture;
use App\Evidence\Swept;
use App\Intake\CaseFile;
use App\Measuring\Reading;
use App\Platform\StoredFiles;
use App\Shop\Verify\Verification;
use App\Teardown\StepRecord;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use League\Flysystem\FilesystemOperator;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Filesystem\Filesystem;

/** Pictures from a phone, from a folder, in pieces; the tray that sorts them by what was in hand. */
final class PhoneAndTrayTest extends AppTestCase
{
    private const PHOTO = __DIR__.'/../../demo/photos/gear-good.jpg';

    /** The link that the code at the bench holds. */
    private function link(CaseFile $case): string
    {
        $this->signIn(Role::Bench);
        $this->act($case, 'phone', [], 'phone');
        $link = (string) parse_url((string) $this->browser->getCrawler()->filter('.qrbox a')->attr('href'), \PHP_URL_PATH);
        $this->browser->restart();

        return $link;
    }

    /** @param list<string> $pieces */
    private function inPieces(string $base, string $id, array $pieces): void
    {
        $offset = 0;
        foreach ($pieces as $piece) {
            $this->browser->request('PUT', $base.'/uploads/'.$id.'?offset='.$offset, content: $piece);
            $offset += \strlen($piece);
            self::assertSame(['here' => $offset], json_decode((string) $this->browser->getResponse()->getContent(), true));
        }
    }

    public function testAPhoneAddsPicturesLooksAndReadingsWithoutAPasswordAndNothingElse(): void
    {
        $case = $this->aCase();
        $link = $this->link($case);
        $this->browser->request('GET', $link.'?part=body');
        self::assertResponseIsSuccessful();
        self::assertSame('Body', $this->browser->getCrawler()->filter('h1')->text());
        $this->browser->request(
            'POST',
            $link.'/look',
            ['part' => 'body', 'surface' => 'gear-bore', 'grade' => '3', 'mode' => 'scoring', 'note' => 'a track a nail catches'],
        );
        self::assertResponseStatusCodeSame(303);
        $this->browser->request(
            'POST',
            $link.'/look',
            ['part' => 'suction-strainer', 'grade' => '2', 'mode' => 'debris', 'made' => ['sand', 'bronze', 'gold']],
        );
        self::assertResponseStatusCodeSame(303);
        self::assertSame(
            ['bronze', 'sand'],
            self::em()->getRepository(Finding::class)->findOneBy(['part' => 'suction-strainer', 'case' => $case->id->toRfc4122()])?->made,
        );
        $this->browser->request('POST', $link.'/reading', ['part' => 'body', 'field' => 'wipe-depth', 'typed' => '0.06']);
        self::assertResponseStatusCodeSame(303);
        $this->browser->request('POST', $link.'/reading', ['part' => 'body', 'field' => 'wipe-depth', 'typed' => '0.07 mm']);
        self::assertResponseStatusCodeSame(409);
        $bytes = (string) file_get_contents(self::PHOTO);
        $this->inPieces($link, '00000000-0000-4000-8000-000000000001', str_split($bytes, 90000));
        $this->browser->request(
            'POST',
            $link.'/photos',
            [
                'upload' => '00000000-0000-4000-8000-000000000001',
                'bytes' => (string) \strlen($bytes),
                'name' => 'IMG.jpg',
                'part' => 'body',
                'stage' => 'as-found',
            ],
            server: ['HTTP_ACCEPT' => 'application/json'],
        );
        self::assertResponseStatusCodeSame(201);
        $of = ['case' => $case->id->toRfc4122()];
        self::assertSame('phone of test bench', self::em()->getRepository(Finding::class)->findOneBy($of + ['part' => 'body'])?->byWhom);
        self::assertSame(['0.06 mm'], self::em()->getRepository(Reading::class)->findOneBy($of)?->typed);
        $photo = self::em()->getRepository(Photo::class)->findOneBy($of);
        self::assertSame([hash('sha256', $bytes), 'body', 'phone of test bench'], [$photo?->picture->hash, $photo?->part, $photo?->byWhom]);
        // The phone acts for who made its pass.
        $bench = $this->person(Role::Bench);
        foreach ([Finding::class, Reading::class, Photo::class] as $what) {
            self::assertSame($bench, self::em()->getRepository($what)->findOneBy($of)?->person(), $what);
        }
        foreach (['/cases/'.$case->number, '/library', '/'] as $other) {
            $this->browser->request('GET', $other);
            self::assertTrue($this->browser->getResponse()->isRedirect(), $other.' asks for the password');
        }
    }

    public function testAPassIsOverWhenItIsTakenBackOrItsShiftEnds(): void
    {
        $case = $this->aCase();
        $link = $this->link($case);
        $pass = self::em()->getRepository(PhonePass::class)->findOneBy(['case' => $case->id->toRfc4122()]);
        self::assertNotNull($pass);
        self::assertStringNotContainsString($pass->tokenHash, $link, 'only its hash is kept');
        $this->signIn(Role::Bench);
        self::assertSame(303, $this->act($case, 'phone/'.$pass->id.'/revoke', [], 'phone'));
        foreach (
            [
                ['GET', $link],
                ['POST', $link.'/photos'],
                ['PUT', $link.'/uploads/00000000-0000-4000-8000-000000000002?offset=0'],
            ] as [$method, $url]
        ) {
            $this->browser->request($method, $url);
            self::assertResponseStatusCodeSame(410);
        }
        $pass = new PhonePass($case, PhonePass::hash('x'), $this->person(Role::Bench));
        self::assertTrue($pass->isValid(new \DateTimeImmutable('+9 hours')));
        self::assertFalse($pass->isValid(new \DateTimeImmutable('+11 hours')));
    }

    public function testSoManyPhonesHoldAPassAndNotOneMore(): void
    {
        [$case, $who] = [$this->aCase(), $this->person(Role::Bench)];
        for ($i = 0; $i < PhonePasses::MOST; ++$i) {
            self::service(PhonePasses::class)->make($case, $who);
        }
        $this->expectExceptionMessage('12 phones hold a pass to this case already');
        self::service(PhonePasses::class)->make($case, $who);
    }

    public function testAPieceThatComesTwiceOrTooEarlyChangesNothing(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase();
        $id = '00000000-0000-4000-8000-00000000000'.random_int(3, 9);
        $bytes = (string) file_get_contents(self::PHOTO);
        $this->inPieces('', $id, [substr($bytes, 0, 50000)]);
        foreach ([0, 60000] as $offset) {
            $this->browser->request('PUT', '/uploads/'.$id.'?offset='.$offset, content: 'xxxx');
            self::assertSame('{"here":50000}', $this->browser->getResponse()->getContent());
        }
        $this->browser->request('GET', '/uploads/'.$id);
        self::assertSame('{"here":50000}', $this->browser->getResponse()->getContent(), 'where to go on after a cut');
        $send = fn (): int => $this->act(
            $case,
            'photos',
            ['upload' => $id, 'bytes' => (string) \strlen($bytes), 'name' => 'a.jpg', 'part' => 'body', 'stage' => 'as-found'],
            'parts/body',
        );
        self::assertSame(409, $send(), 'half a file is none');
        $this->browser->request('PUT', '/uploads/'.$id.'?offset=50000', content: substr($bytes, 50000));
        self::assertSame(303, $send());
        self::assertSame(
            hash('sha256', $bytes),
            self::em()->getRepository(Photo::class)->findOneBy(['case' => $case->id->toRfc4122()])?->picture->hash,
        );
        $this->browser->request('PUT', '/uploads/../../etc/passwd?offset=0', content: 'x');
        self::assertResponseStatusCodeSame(404);
    }

    public function testTheTrayProposesThePartThatWasInHandAndIsSortedAndUndone(): void
    {
        $case = $this->aCase();
        $photo = self::service(PhotoIntake::class)->take(self::PHOTO, 'DSC1.jpg', $case, null, PhotoStage::Unsorted);
        self::em()->createQuery(
            'UPDATE '.Picture::class." p SET p.takenAt = '2026:11:20 10:12:00' WHERE p.id = :id"
        )->execute(['id' => $photo->picture->id->toRfc4122()]);
        // The camera's clock runs five minutes ahead: it was 10:07.
        $photo->clockAhead = 5;
        foreach (['screws' => '10:00', 'rear-cover' => '10:10', 'rear-block' => '10:20'] as $step => $at) {
            self::em()->persist($record = new StepRecord($case, $step));
            $record->at = new \DateTimeImmutable('2026-11-20 '.$at);
        }
        self::em()->flush();
        self::em()->clear();
        $this->signIn(Role::Bench);
        $page = $this->browser->request('GET', '/cases/'.$case->number.'/tray');
        self::assertStringContainsString('Rear cover, in hand then', $page->filter('.lying')->text());
        self::assertSame(422, $this->act($case, 'tray', ['as-proposed' => '1'], 'tray'));
        $this->browser->request(
            'POST',
            '/cases/'.$case->number.'/tray',
            ['_token' => $this->token('/cases/'.$case->number.'/tray'), 'as-proposed' => '1', 'photos' => [(string) $photo->id]],
        );
        self::assertResponseStatusCodeSame(303);
        $now = static fn (): array => [
            ($p = self::em()->getRepository(Photo::class)->findOneBy(['id' => $photo->id->toRfc4122()]))?->part,
            $p?->stage,
        ];
        self::em()->clear();
        self::assertSame(['rear-cover', PhotoStage::AsFound], $now());
        self::assertSame(303, $this->act($case, 'tray/undo', [], 'tray'));
        self::em()->clear();
        self::assertSame([null, PhotoStage::Unsorted], $now());
    }

    public function testWhatFallsIntoTheInboxFolderLiesInTheTrayOnceAndNothingIsDeleted(): void
    {
        $case = $this->aCase();
        $inbox = self::service(Inbox::class);
        $folder = $inbox->folder($case->number);
        $files = new Filesystem();
        $files->copy(self::PHOTO, $folder.'/DSC2.jpg');
        $files->dumpFile($folder.'/notes.txt', 'no picture');
        $files->copy(self::PHOTO, $folder.'/being-written.jpg');
        touch($folder.'/DSC2.jpg', time() - 10);
        touch($folder.'/notes.txt', time() - 10);
        touch($folder.'/being-written.jpg', time() + 600);
        try {
            self::assertEquals(new Swept(1, 1), $inbox->sweep());
            self::assertEquals(new Swept(0, 0), $inbox->sweep());
            self::assertFileExists($folder.'/taken/DSC2.jpg');
            self::assertFileExists($folder.'/being-written.jpg', 'it is not whole yet');
            self::assertStringContainsString('not a photo', (string) file_get_contents($folder.'/refused/notes.txt.txt'));
            self::assertCount(1, self::em()->getRepository(Photo::class)->findBy(['case' => $case, 'stage' => PhotoStage::Unsorted]));
        } finally {
            $files->remove($folder);
        }
    }

    public function testVerifyNamesWhatIsMissingDamagedOrOrphaned(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase();
        foreach (['gear-good', 'gear-scored'] as $name) {
            self::service(PhotoIntake::class)->take(__DIR__.'/../../demo/photos/'.$name.'.jpg', $name, $case, 'body', PhotoStage::AsFound);
        }
        $verify = static function (): string {
            $tester = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('app:photos:verify'));
            $tester->execute([]);

            return $tester->getDisplay();
        };
        $files = self::service(FilesystemOperator::class);
        $path = static fn (string $hash): string => 'photos/'.substr($hash, 0, 2).'/'.$hash;
        [$good, $scored] = array_map(
            static fn (string $name): string => (string) hash_file('sha256', __DIR__.'/../../demo/photos/'.$name.'.jpg'),
            ['gear-good', 'gear-scored'],
        );
        $orphan = hash('sha256', 'nobody');
        $whole = stream_get_contents(self::service(StoredFiles::class)->open('photos', $good));
        $files->write($path($good), 'other bytes');
        $files->write($path($orphan), 'nobody');
        $kept = $files->read($path($scored));
        $files->delete($path($scored));
        try {
            $said = $verify();
            self::assertStringContainsString('damaged: '.$good.', in '.$case->number, $said);
            self::assertStringContainsString('missing: '.$scored, $said);
            self::assertStringContainsString('orphaned: '.$orphan, $said);
            // The floor says it until a check finds all as they came; an orphan harms nobody.
            self::service(Verification::class)->run();
            $this->browser->request('GET', '/');
            self::assertStringContainsString('missing: '.$scored, $this->said());
        } finally {
            $files->write($path($good), (string) $whole);
            $files->write($path($scored), $kept);
        }
        self::assertStringContainsString('all as they came', $verify(), 'what a broken-off upload left is named and is no loss');
        $files->delete($path($orphan));
        // Of a picture whose record somebody took out of the database the trail still tells.
        $database = self::service(Connection::class);
        $database->executeStatement('DELETE FROM photo WHERE picture_id = (SELECT id FROM picture WHERE hash = ?)', [$scored]);
        $database->executeStatement('DELETE FROM picture WHERE hash = ?', [$scored]);
        self::service(EntityManagerInterface::class)->clear();
        self::assertStringContainsString('record gone: Photo gear-scored: '.$scored.', in '.$case->number, $verify());
        $files->delete($path($scored));
        $verify();
        self::service(Verification::class)->run();
        self::assertSame([], self::service(Verification::class)->alarms($case->number));
    }
}
