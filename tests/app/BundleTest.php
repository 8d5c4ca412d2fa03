<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Exchange\Bag\BagOut;
use App\Exchange\Bag\MakeBags;
use App\Exchange\Bag\MakeBagsHandler;
use App\Exchange\Bag\PackCases;
use App\Exchange\Brought\BringIn;
use App\Exchange\Brought\Brought;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Japhrex\Core\Exchange\Bag;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** A case goes out whole, comes into another shop as it was signed, and goes out of it again with the same bytes. */
final class BundleTest extends SignedCaseTestCase
{
    private const PHOTO = __DIR__.'/../../demo/photos/block-good.jpg';

    /** @return string path of the ZIP */
    private function packed(CaseFile $case, bool $withPlaces = false): string
    {
        $bags = self::service(PackCases::class)([$case->number], $withPlaces, $this->person(Role::Desk));
        self::service(MakeBagsHandler::class)(new MakeBags($bags->id));
        self::em()->refresh($bags);
        self::assertSame('', $bags->error);

        return self::service(StoredFiles::class)->copyOut(BagOut::AREA, (string) $bags->hash);
    }

    /** @return array<string, string> contents by name */
    private static function contents(string $zip): array
    {
        $archive = new \ZipArchive();
        self::assertTrue($archive->open($zip));
        $contents = [];
        for ($i = 0; $i < $archive->numFiles; ++$i) {
            $contents[(string) $archive->getNameIndex($i)] = (string) $archive->getFromIndex($i);
        }

        return $contents;
    }

    /**
     * Packs files anew, with manifests that fit them: what somebody would do who wants to deceive.
     *
     * @param array<string, string> $contents
     */
    private static function forged(array $contents, string $number): string
    {
        $payload = [];
        foreach ($contents as $name => $bytes) {
            if (str_contains($name, '/data/')) {
                $payload[substr($name, \strlen($number) + 1)] = $bytes;
            }
        }
        $digests = array_map(static fn (string $bytes): string => hash('sha256', $bytes), $payload);
        $file = sys_get_temp_dir().'/japhrex-forged-'.bin2hex(random_bytes(4)).'.zip';
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::CREATE);
        foreach ($payload + Bag::tags($digests, \strlen(implode('', $payload)), []) as $path => $bytes) {
            $zip->addFromString("$number/$path", $bytes);
        }
        $zip->close();

        return $file;
    }

    /** A photo that says where it was taken: an Exif block with one GPS entry of three rationals. */
    private static function photoWithPlace(): string
    {
        $gps = pack('v', 1).pack('vvVV', 2, 5, 3, 44).pack('V', 0).pack('V6', 59, 1, 33, 1, 7, 1);
        $tiff = 'II'.pack('vV', 42, 8).pack('v', 1).pack('vvVV', 0x8825, 4, 1, 26).pack('V', 0).$gps;
        $segment = "Exif\0\0".$tiff;
        $photo = (string) file_get_contents(self::PHOTO);
        $file = (string) tempnam(sys_get_temp_dir(), 'japhrex');
        file_put_contents($file, substr($photo, 0, 2)."\xFF\xE1".pack('n', \strlen($segment) + 2).$segment.substr($photo, 2));

        return $file;
    }

    public function testOutInOutGivesTheSameBytesButForTheDay(): void
    {
        Clock::set(new MockClock('2026-12-01 09:00'));
        $case = $this->signedCase();
        $first = $this->packed($case);
        $brought = self::service(BringIn::class)($first, $this->person(Role::Analyst));
        self::assertCount(1, $brought);
        $this->signIn(Role::Analyst);
        $page = $this->browser->request('GET', '/exchange/brought/'.$brought[0]->id);
        self::assertStringContainsString('As it was signed', $page->text());
        self::assertStringContainsString('Dirt came in.', $page->text());
        self::assertStringContainsString('Scoring', $page->text());
        self::assertStringContainsString('19.98 mm', $page->text());
        $this->browser->request('GET', '/exchange/brought/'.$brought[0]->id.'/bundle.zip');
        self::assertFileEquals($first, (string) $this->outFile());
        Clock::set(new MockClock('2027-03-05 09:00'));
        $this->browser->request('GET', '/exchange/brought/'.$brought[0]->id.'/bundle.zip');
        $later = self::contents((string) $this->outFile());
        $differ = array_keys(array_diff_assoc($later, self::contents($first)));
        self::assertSame([$case->number.'/bag-info.txt', $case->number.'/tagmanifest-sha256.txt'], $differ);
        // What is here already is not here twice.
        $again = self::service(BringIn::class)($first, $this->person(Role::Analyst))[0];
        self::assertEquals($brought[0]->id, $again->id);
    }

    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    private function outFile(): string
    {
        $response = $this->browser->getInternalResponse();
        self::assertSame(200, $response->getStatusCode());
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'japhrex'), $response->getContent());

        return $file;
    }

    public function testAPhotoGoesOutWithoutItsPlaceAndIsKnownByItsPixels(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Analyst);
        $file = self::photoWithPlace();
        $photo = self::service(PhotoIntake::class)->take($file, 'block.jpg', $case, 'front-block', PhotoStage::AsFound);
        $contents = self::contents($this->packed($this->fresh($case)));
        $about = json_decode($contents[$case->number.'/data/bundle.json'], true);
        self::assertIsArray($about);
        $told = $about['photos'][0];
        $copy = $contents[$case->number.'/data/'.$told['file']];
        self::assertTrue($told['place-taken-out']);
        self::assertSame($photo->picture->hash, $told['original-sha256']);
        self::assertSame(hash('sha256', $copy), $told['copy-sha256']);
        self::assertStringNotContainsString(pack('V6', 59, 1, 33, 1, 7, 1), $copy);
        self::assertSame((int) filesize($file), \strlen($copy), 'the place is blanked, nothing is moved');
        $withPlaces = self::contents($this->packed($this->fresh($case), true));
        self::assertSame(file_get_contents($file), $withPlaces[$case->number.'/data/'.$told['file']]);
        $brought = self::service(BringIn::class)($this->packed($this->fresh($case)), $this->person(Role::Desk))[0];
        self::assertStringContainsString('not signed', $this->browser->request('GET', '/exchange/brought/'.$brought->id)->text());
        $this->browser->request('GET', '/exchange/brought/'.$brought->id.'/picture/480/'.$told['file']);
        self::assertSame('image/jpeg', $this->browser->getResponse()->headers->get('Content-Type'));

        // Another picture in its place, with manifests that fit it.
        $other = (string) file_get_contents(__DIR__.'/../../demo/photos/'.self::anotherPhoto());
        $contents[$case->number.'/data/'.$told['file']] = $other;
        $contents[$case->number.'/data/bundle.json'] = str_replace(
            $told['copy-sha256'], hash('sha256', $other), $contents[$case->number.'/data/bundle.json'],
        );
        $this->expectExceptionMessage('is another picture than it says');
        self::service(BringIn::class)(self::forged($contents, $case->number), $this->person(Role::Desk));
    }

    private static function anotherPhoto(): string
    {
        foreach (scandir(__DIR__.'/../../demo/photos') ?: [] as $name) {
            if (str_ends_with($name, '.jpg') && 'block-good.jpg' !== $name) {
                return $name;
            }
        }

        return self::fail('The demo has more than one photo.');
    }

    public function testADocumentThatWasNotSignedIsNotTakenForOneThatWas(): void
    {
        $case = $this->signedCase();
        $contents = self::contents($this->packed($case));
        $name = $case->number.'/data/case.json';
        $contents[$name] = str_replace('Dirt came in.', 'It was the driver.', $contents[$name]);
        try {
            self::service(BringIn::class)(self::forged($contents, $case->number), $this->person(Role::Desk));
            self::fail('It was taken in.');
        } catch (ShopError $error) {
            self::assertStringContainsString('not the one that was signed', $error->getMessage());
        }
        self::assertSame([], self::em()->getRepository(Brought::class)->findAll());
    }

    public function testNamesThatLeadOutOfTheBagAndThingsThatAreNoneAreRefused(): void
    {
        $zip = new \ZipArchive();
        $zip->open($file = sys_get_temp_dir().'/japhrex-out-'.bin2hex(random_bytes(4)).'.zip', \ZipArchive::CREATE);
        $zip->addFromString('OQ/../../etc/cron.d/x', 'x');
        $zip->close();
        file_put_contents($text = (string) tempnam(sys_get_temp_dir(), 'japhrex'), 'no zip');
        foreach ([$file => 'is no name of a file in a bag', $text => 'no whole ZIP'] as $one => $says) {
            try {
                self::service(BringIn::class)($one, $this->person(Role::Desk));
                self::fail('It was taken in.');
            } catch (ShopError $error) {
                self::assertStringContainsString($says, $error->getMessage());
            }
        }
    }

    public function testTheBenchTakesNothingOutAndTheSameSerialIsToldOfAtIntake(): void
    {
        $case = $this->signedCase();
        $zip = $this->packed($case);
        self::service(BringIn::class)($zip, $this->person(Role::Desk));
        $again = $this->aCase('s 1');
        $this->signIn(Role::Bench);
        $said = $this->browser->request('GET', '/cases/'.$again->number.'/intake')->filter('main')->text();
        self::assertStringContainsString('This unit was at', $said);
        self::assertSame(403, $this->act($again, 'bundle'));
    }
}
