<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Clips\Clip;
use App\Evidence\Clips\ClipIntake;
use App\Evidence\NotAPicture;
use App\Evidence\PhotoCheck;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Platform\StoredFiles;
use Symfony\Component\Process\Process;

final class ClipTest extends AppTestCase
{
    private const CLIP = __DIR__.'/../../demo/clips/play-in-bush.mp4';
    private const NOTE = __DIR__.'/../../demo/clips/note-front-bush.webm';

    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map('unlink', $this->files);
        parent::tearDown();
    }

    private function file(string $bytes): string
    {
        $this->files[] = $file = (string) tempnam(sys_get_temp_dir(), 'clip');
        file_put_contents($file, $bytes);

        return $file;
    }

    private static function take(CaseFile $case, string $file): Clip
    {
        return self::service(ClipIntake::class)->take($file, basename($file), $case, 'front-bushes', PhotoStage::Cleaned);
    }

    /** Silence as a WAV file: 8 bits, 1000 samples a second. */
    private static function silence(int $seconds): string
    {
        $bytes = 1000 * $seconds;

        return 'RIFF'.pack('V', 36 + $bytes).'WAVEfmt '.pack('VvvVVvv', 16, 1, 1, 1000, 1000, 1, 8).'data'.pack('V', $bytes)
            .str_repeat("\x80", $bytes);
    }

    public function testAClipIsKeptByteForByteOnceWithItsLengthAndTheTimeItWasRecorded(): void
    {
        $case = $this->aCase();
        $clip = self::take($case, self::CLIP);
        self::assertSame(['video/mp4', 640, 480, 4.0], [$clip->type, $clip->width, $clip->height, $clip->seconds]);
        self::assertSame('2026-11-19T09:41:00+00:00', $clip->recordedAt?->setTimezone(new \DateTimeZone('UTC'))->format(\DATE_ATOM));
        self::assertSame($clip, self::take($case, self::CLIP), 'sent twice it is there once');
        $copy = self::service(StoredFiles::class)->copyOut(ClipIntake::AREA, $clip->hash);
        self::assertFileEquals(self::CLIP, $copy);
        unlink($copy);
        $clip->clockAhead = 60;
        self::assertEquals($clip->recordedAt?->modify('-1 hour'), $clip->takenAt(), 'a camera whose clock is an hour ahead');
        $note = self::take($case, self::NOTE);
        self::assertSame(['audio/webm', true], [$note->type, $note->isSound()]);
    }

    public function testABrowsersRecordingHasNoLengthInItAndIsAsLongAsItsLastPacket(): void
    {
        $file = $this->file('');
        (new Process(['ffmpeg', '-v', 'error', '-y', '-i', self::NOTE, '-c', 'copy', '-f', 'webm', '-live', '1', $file]))->mustRun();
        $case = $this->aCase();
        $note = self::take($case, $file);
        self::assertSame('audio/webm', $note->type);
        self::assertEqualsWithDelta(8.43, $note->seconds, 0.02, 'as long as the one that was closed properly');
    }

    public function testWhatIsTooLongOrBreaksOffIsRefusedWithWhatToDo(): void
    {
        $case = $this->aCase();
        self::assertSame(60.0, self::take($case, $this->file(self::silence(60)))->seconds);
        foreach (
            [
                self::silence(75) => '75 s long; 60 s is the most',
                substr((string) file_get_contents(self::CLIP), 0, 40) => 'breaks off',
                "\x1a\x45\xdf\xa3junk" => 'breaks off',
            ] as $bytes => $said
        ) {
            try {
                self::take($case, $this->file($bytes));
                self::fail('It was taken: '.$said);
            } catch (NotAPicture $error) {
                self::assertStringContainsString($said, $error->getMessage());
            }
        }
    }

    public function testAPlayerMayAskForAnyPartOfIt(): void
    {
        $clip = self::take($this->aCase(), self::CLIP);
        $bytes = (string) file_get_contents(self::CLIP);
        $this->signIn(Role::Viewer);
        foreach (
            [
                'bytes=100-199' => [100, 100],
                'bytes=-10' => [\strlen($bytes) - 10, 10],
                'bytes=5-' => [5, \strlen($bytes) - 5],
            ] as $range => [$from, $length]
        ) {
            $this->browser->request('GET', '/clips/'.$clip->id.'/play', server: ['HTTP_RANGE' => $range]);
            self::assertResponseStatusCodeSame(206);
            self::assertSame(substr($bytes, $from, $length), $this->browser->getInternalResponse()->getContent());
            self::assertResponseHeaderSame('Content-Range', \sprintf('bytes %d-%d/%d', $from, $from + $length - 1, \strlen($bytes)));
        }
        $this->browser->request('GET', '/clips/'.$clip->id.'/play', server: ['HTTP_RANGE' => 'bytes=999999999-']);
        self::assertResponseStatusCodeSame(416);
        $this->browser->request('GET', '/clips/'.$clip->id.'/original');
        self::assertSame($bytes, $this->browser->getInternalResponse()->getContent());
        self::assertResponseHeaderSame('Content-Type', 'application/octet-stream');
    }

    public function testItIsTiedToPartAndWordsAndTwoHandsAreTold(): void
    {
        $case = $this->aCase();
        $clip = self::take($case, self::NOTE);
        $this->signIn(Role::Bench);
        $page = 'clips/'.$clip->id;
        self::assertSame(
            303,
            $this->act(
                $case,
                $page,
                ['said' => 'point one five', 'seen' => '', 'caption' => 'Play', 'part' => 'rear-bushes', 'stage' => 'as-found'],
                $page,
            ),
        );
        $now = static fn (): Clip => self::em()->find(Clip::class, $clip->id) ?? self::fail('It is gone.');
        self::assertSame(['point one five', 'rear-bushes', PhotoStage::AsFound], [$now()->said, $now()->part, $now()->stage]);
        self::assertSame(
            303,
            $this->act($case, $page, ['said' => 'point two', 'seen' => '', 'part' => 'body', 'stage' => 'as-found'], $page),
        );
        self::assertSame('point one five', $now()->said, 'nobody is overwritten');
        self::assertStringContainsString('Two hands on this', $this->browser->followRedirect()->filter('.problem')->text());
    }

    public function testALostClipIsNamedByTheCheck(): void
    {
        $case = $this->aCase();
        $clip = self::take($case, $this->file(self::silence(3)));
        $before = \count(self::service(PhotoCheck::class)->run()->lost);
        $path = $_SERVER['JAPHREX_STORE'].'/clips/'.substr($clip->hash, 0, 2).'/'.$clip->hash;
        file_put_contents($path, 'x');
        $checked = self::service(PhotoCheck::class)->run()->lost;
        self::assertContains([$case->number], array_column($checked, 'cases'), 'however the shop numbers its cases');
        $lost = array_column($checked, 'what');
        self::assertCount($before + 1, $lost);
        self::assertStringContainsString('damaged: '.$clip->hash.', in '.$case->number, implode("\n", $lost));
        unlink($path);
    }
}
