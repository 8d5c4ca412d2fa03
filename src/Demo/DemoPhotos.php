<?php

declare(strict_types=1);

namespace App\Demo;

use App\Evidence\Clips\ClipIntake;
use App\Evidence\Mark;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoMeasure;
use App\Evidence\PhotoRulers;
use App\Evidence\PhotoStage;
use App\Evidence\Reference;
use App\Intake\CaseFile;
use App\Teardown\Repository\StepRecordRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Photo\MeasureKind;

/**
 * The photos and clips of the demo shop, with their marks and what was measured in them.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoPhotos
{
    use DemoRows;

    public function __construct(
        private EntityManagerInterface $entityManager,
        private PhotoIntake $intake,
        private ClipIntake $clips,
        private PhotoRulers $rulers,
        private string $projectDir,
        private StepRecordRepository $steps,
    ) {
    }

    /** @param list<Row> $rows */
    public function add(CaseFile $case, array $rows, string $by): void
    {
        foreach ($rows as $one) {
            $name = self::word($one, 'file').'.jpg';
            $file = $this->projectDir.'/demo/photos/'.$name;
            $during = $this->steps->ofStep($case, self::word($one, 'during'));
            $file = null === $during ? $file : self::taken($file, $during->at->modify('-2 minutes'));
            try {
                $photo = $this->intake->take(
                    $file,
                    $name,
                    $case,
                    self::word($one, 'part') ?: null,
                    PhotoStage::from(self::word($one, 'stage')),
                );
            } finally {
                null === $during || unlink($file);
            }
            $photo->caption = self::word($one, 'caption');
            $photo->byWhom = $by;
            foreach (self::rows($one, 'marks') as $mark) {
                $shape = MarkShape::from(self::word($mark, 'shape'));
                $this->entityManager->persist(
                    new Mark(
                        $photo,
                        $shape,
                        $shape->points((array) $mark['points']),
                        self::word($mark, 'mode'),
                        (int) self::word($mark, 'grade'),
                        self::word($mark, 'note'),
                        $by,
                    )
                );
            }
            if (isset($one['reference']) && \is_array($one['reference'])) {
                /** @var Row $example */
                $example = $one['reference'];
                $this->entityManager->persist(
                    new Reference(
                        $photo,
                        (int) self::word($example, 'grade'),
                        self::word($example, 'mode') ?: null,
                        self::word($example, 'words'),
                        'analyst 1',
                    )
                );
            }
            foreach (self::rows($one, 'measures') as $measure) {
                $this->measure($photo, $measure);
            }
        }
    }

    /** @param list<Row> $rows */
    public function addClips(CaseFile $case, array $rows, string $by): void
    {
        foreach ($rows as $one) {
            $name = self::word($one, 'file');
            $clip = $this->clips->take(
                $this->projectDir.'/demo/clips/'.$name,
                $name,
                $case,
                self::word($one, 'part') ?: null,
                PhotoStage::from(self::word($one, 'stage')),
            );
            [$clip->caption, $clip->said, $clip->byWhom] = [self::word($one, 'caption'), self::word($one, 'said'), $by];
        }
    }

    /** @param Row $row points in shares of the picture, as the page sends them */
    private function measure(Photo $photo, array $row): void
    {
        $kind = MeasureKind::from(self::word($row, 'kind'));
        $points = PhotoRulers::shares((string) json_encode($row['points']));
        $this->entityManager->persist(
            new PhotoMeasure(
                $photo,
                $kind,
                $points,
                [],
                $this->rulers->measuring($photo)->measure($kind, $this->rulers->pixels($photo, $points), []),
                self::word($row, 'note'),
                $photo->byWhom,
            )
        );
    }

    /** A copy of a JPEG with the clock of a camera in it: EXIF, the tag DateTime alone. */
    private static function taken(string $file, \DateTimeImmutable $at): string
    {
        $exif = "Exif\0\0II*\0".pack('VvvvVVV', 8, 1, 0x0132, 2, 20, 26, 0).$at->format('Y:m:d H:i:s')."\0";
        $jpeg = (string) file_get_contents($file);
        $copy = (string) tempnam(sys_get_temp_dir(), 'japhrex');
        file_put_contents($copy, substr($jpeg, 0, 2)."\xff\xe1".pack('n', 2 + \strlen($exif)).$exif.substr($jpeg, 2));

        return $copy;
    }
}
