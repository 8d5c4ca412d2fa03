<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Mark;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoMeasure;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use Japhrex\Core\Damage\MarkShape;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Measuring in real picture files whose truth is in their scene: a groove of 8 mm in a bar of 120 mm, beside our card. */
final class PhotoMeasuringTest extends AppTestCase
{
    private const PHOTOS = __DIR__.'/../../demo/photos/';

    private function photo(string $name, ?CaseFile $case = null): Photo
    {
        $case ??= $this->aCase();

        return self::service(PhotoIntake::class)->take(self::PHOTOS.$name.'.jpg', $name.'.jpg', $case, 'body', PhotoStage::AsFound);
    }

    /** @param list<list<float>> $points pixels of 1280 × 960 */
    private static function shares(array $points): string
    {
        return (string) json_encode(array_map(static fn (array $p): array => [$p[0] / 1280, $p[1] / 960], $points));
    }

    /**
     * @param list<list<float>> $points
     * @param array<string, string> $more
     */
    private function measure(Photo $photo, string $kind, array $points, array $more = []): PhotoMeasure
    {
        $number = $photo->case->number;
        self::assertSame(
            303,
            $this->act(
                $photo->case,
                'photos/'.$photo->id.'/measures',
                ['kind' => $kind, 'points' => self::shares($points)] + $more,
                'photos/'.$photo->id,
            ),
            $this->said(),
        );
        $measure = self::em()->getRepository(PhotoMeasure::class)->findOneBy(['photo' => $photo->id->toRfc4122()], ['id' => 'DESC']);
        self::assertNotNull($measure, $number);

        return $measure;
    }

    public function testTheCardIsFoundByItselfAndAGrooveMeasuresTrueWithinTwoPercent(): void
    {
        $photo = $this->photo('groove-with-card');
        self::assertSame('card', $photo->ruler['kind'] ?? null, 'nobody had to ask for it');
        $this->signIn(Role::Bench);
        $width = $this->measure($photo, 'width', [[500, 275.5], [780, 275.5], [640, 213.5]], ['note' => 'groove']);
        self::assertEqualsWithDelta(8.0, $width->value, 0.16);
        self::assertLessThan(0.5, 2 * $width->standard);
        self::assertGreaterThan(abs($width->value - 8.0), 2 * $width->standard, 'the truth lies in what is claimed');
        $page = $this->browser->request('GET', '/cases/'.$photo->case->number.'/photos/'.$photo->id);
        self::assertMatchesRegularExpression('/[78]\.\d+ ± 0\.\d+ mm/', $page->filter('#measure .finding')->text());
    }

    public function testASlantedCardMeasuresTrueWithinThreePercent(): void
    {
        $photo = $this->photo('groove-slanted');
        $this->signIn(Role::Bench);
        // The far upper edge of the bar, 120 mm from corner to corner.
        self::assertEqualsWithDelta(120.0, $this->measure($photo, 'length', [[59.5, 389], [713.6, 122]])->value, 3.6);
    }

    public function testALengthWaitsForAScaleAndAKnownLengthIsOne(): void
    {
        $photo = $this->photo('block-good');
        $this->signIn(Role::Bench);
        $page = 'photos/'.$photo->id;
        self::assertSame(
            422,
            $this->act($photo->case, $page.'/measures', ['kind' => 'length', 'points' => '[[0.1,0.1],[0.2,0.1]]'], $page),
        );
        self::assertStringContainsString('There is no scale in this picture yet', $this->said());
        self::assertSame(422, $this->act($photo->case, $page.'/ruler', ['ruler' => 'find'], $page));
        self::assertStringContainsString('Our card is not to be found', $this->said());
        self::assertSame(
            422,
            $this->act(
                $photo->case,
                $page.'/ruler',
                ['ruler' => 'length', 'points' => '[[0.1,0.5],[0.6,0.5]]', 'width' => 'a hand'],
                $page,
            ),
        );
        self::assertSame(
            303,
            $this->act($photo->case, $page.'/ruler', ['ruler' => 'length', 'points' => '[[0.1,0.5],[0.6,0.5]]', 'width' => '2 in'], $page),
        );
        self::assertEqualsWithDelta(
            25.4,
            $this->measure($photo, 'length', [[320, 480], [640, 480]])->value,
            0.01,
            'half of the two inches',
        );
    }

    public function testAShareNeedsNoScaleAndASurfaceIsReadAsAHint(): void
    {
        $photo = $this->photo('block-good');
        $this->signIn(Role::Bench);
        $share = $this->measure(
            $photo,
            'share',
            [[0, 0], [640, 0], [640, 480], [0, 480]],
            ['inside' => self::shares([[0, 0], [320, 0], [320, 480], [0, 480]])],
        );
        self::assertEqualsWithDelta(50.0, $share->value, 1e-6);
        $page = 'photos/'.$photo->id;
        self::assertSame(
            200,
            $this->act($photo->case, $page.'/surface', ['points' => self::shares([[500, 300], [900, 300], [900, 600], [500, 600]])], $page),
        );
        self::assertStringContainsString('A hint from the pixels, no verdict', $this->said());
    }

    public function testMarksGoOutAsWebAnnotationsAndComeBackEqual(): void
    {
        $photo = $this->photo('block-scored');
        foreach (
            [
                'point' => [[0.5, 0.5]],
                'box' => [[0.1, 0.2], [0.3, 0.4]],
                'ellipse' => [[0.5, 0.1], [0.7, 0.3]],
                'outline' => [[0.2, 0.6], [0.4, 0.6], [0.3, 0.8]],
                'arrow' => [[0.8, 0.8], [0.6, 0.7]],
                'line' => [[0.05, 0.9], [0.4, 0.95]],
                'stroke' => [[0.7, 0.9], [0.75, 0.85], [0.8, 0.92]],
            ] as $shape => $points
        ) {
            $note = 'a “'.$shape.'” & more';
            self::em()->persist(
                new Mark($photo, MarkShape::from($shape), $points, 'scoring', 3, $note, $this->person(Role::Bench))
            );
        }
        self::em()->flush();
        self::em()->clear();
        $this->signIn(Role::Bench);
        $base = '/cases/'.$photo->case->number.'/photos/'.$photo->id;
        $this->browser->request('GET', $base.'/annotations.jsonld');
        $out = (string) $this->browser->getResponse()->getContent();
        $page = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($page);
        self::assertSame('AnnotationPage', $page['type']);
        self::assertStringContainsString('urn:sha256:'.$photo->picture->hash, $out);
        $before = $this->drawn($photo);
        self::em()->createQuery('DELETE FROM '.Mark::class.' m')->execute();
        $file = (string) tempnam(sys_get_temp_dir(), 'marks');
        file_put_contents($file, $out);
        foreach ([1, 2] as $time) {
            $this->browser->request(
                'POST',
                $base.'/annotations',
                ['_token' => $this->token($base)],
                ['file' => new UploadedFile($file, 'marks.jsonld', test: true)],
            );
            self::assertResponseStatusCodeSame(303, $this->said());
            self::assertEquals($before, $this->drawn($photo), 'time '.$time.': each once');
        }
        $this->browser->request('GET', $base.'/marked.jpg');
        self::assertResponseIsSuccessful();
        $copy = (string) $this->browser->getResponse()->getContent();
        self::assertSame([1600, 1200], \array_slice((array) getimagesizefromstring($copy), 0, 2));
        self::assertNotSame($photo->picture->hash, hash('sha256', $copy));
        self::assertSame($photo->picture->hash, hash_file('sha256', self::PHOTOS.'block-scored.jpg'), 'the original is untouched');
    }

    /** @return list<array{string, list<array{float, float}>, string|null, int, string}> */
    private function drawn(Photo $photo): array
    {
        self::em()->clear();
        $drawn = array_map(
            static fn (Mark $mark): array => [
                $mark->shape->value,
                array_map(static fn (array $p): array => [round($p[0], 3), round($p[1], 3)], $mark->points),
                $mark->mode,
                $mark->grade,
                $mark->note,
            ],
            self::em()->getRepository(Mark::class)->findBy(['photo' => $photo->id->toRfc4122()]),
        );
        sort($drawn);

        return $drawn;
    }

    public function testABadPictureIsSaidAtOnceAndKept(): void
    {
        self::assertStringContainsString('blurred', $this->photo('block-blurred')->hints[0] ?? '');
        self::assertSame([], $this->photo('block-scored')->hints);
    }
}
