<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Evidence\Clips\ClipIntake;
use App\Evidence\KeepExample;
use App\Evidence\MarkPhoto;
use App\Evidence\MeasureInPhoto;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
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
        private DemoHands $hands,
        private PhotoIntake $intake,
        private ClipIntake $clips,
        private MarkPhoto $mark,
        private MeasureInPhoto $measure,
        private KeepExample $example,
        private string $projectDir,
    ) {
    }

    /**
     * @param list<Row> $rows
     * @param array<string, \DateTimeImmutable> $steps when each step of the strip run is done
     */
    public function add(CaseFile $case, array $rows, array $steps, User $bench, User $analyst): void
    {
        foreach ($rows as $one) {
            $name = self::word($one, 'file').'.jpg';
            $file = $this->projectDir.'/demo/photos/'.$name;
            $during = $steps[self::word($one, 'during')] ?? null;
            $file = null === $during ? $file : self::taken($file, $during->modify('-2 minutes'));
            [$part, $stage] = [self::word($one, 'part') ?: null, PhotoStage::from(self::word($one, 'stage'))];
            try {
                $photo = $this->intake->take($file, $name, $case, $part, $stage);
            } finally {
                null === $during || unlink($file);
            }
            $photo->describe($part, $stage, self::word($one, 'caption'));
            $this->hands->sound($photo);
            foreach (self::rows($one, 'marks') as $mark) {
                $shape = MarkShape::from(self::word($mark, 'shape'));
                [$mode, $note] = [self::word($mark, 'mode'), self::word($mark, 'note')];
                ($this->mark)($photo, $shape, (array) $mark['points'], $mode, (int) self::word($mark, 'grade'), $note, $bench);
            }
            $example = self::row($one, 'reference');
            if ([] !== $example) {
                [$mode, $words] = [self::word($example, 'mode'), self::word($example, 'words')];
                ($this->example)($photo, (int) self::word($example, 'grade'), $mode, $words, $analyst);
            }
            foreach (self::rows($one, 'measures') as $measure) {
                $kind = MeasureKind::from(self::word($measure, 'kind'));
                ($this->measure)($photo, $kind, (string) json_encode($measure['points']), '[]', self::word($measure, 'note'), $bench);
            }
        }
        $this->entityManager->flush();
    }

    /** @param list<Row> $rows */
    public function addClips(CaseFile $case, array $rows): void
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
            $clip->describe(self::word($one, 'caption'), self::word($one, 'said'));
        }
        $this->entityManager->flush();
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
