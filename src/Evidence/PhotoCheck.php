<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Clips\ClipIntake;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\Repository\PictureRepository;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;

/** Reads every stored photo and clip anew and compares its hash. */
final readonly class PhotoCheck
{
    public function __construct(
        private EntityManagerInterface $em,
        private StoredFiles $stored,
        private PhotoRepository $photos,
        private PictureRepository $pictures,
        private ClipRepository $clips,
    ) {
    }

    /**
     * @return PhotoCheckResult lost: missing or damaged, with the cases that hold it
     */
    public function run(): PhotoCheckResult
    {
        $said = new PhotoCheckResult(date('j M Y H:i'), 0, [], []);
        $known = [];
        foreach ($this->pictures->each() as $picture) {
            ++$said['photos'];
            $known[$picture->hash] = true;
            $state = $this->stored->state('photos', $picture->hash);
            if (null !== $state) {
                $said['lost'][] = \sprintf('%s: %s, in %s', $state, $picture->hash, implode(', ', $this->cases($picture)) ?: 'no case');
            }
            $this->em->detach($picture);
        }
        foreach ($this->clips->each() as $clip) {
            ++$said['photos'];
            $known[$clip->hash] = true;
            $state = $this->stored->state(ClipIntake::AREA, $clip->hash);
            if (null !== $state) {
                $said['lost'][] = \sprintf('%s: %s, in %s', $state, $clip->hash, $clip->case->number);
            }
        }
        foreach ([...$this->stored->hashes('photos'), ...$this->stored->hashes(ClipIntake::AREA)] as $hash) {
            if (!isset($known[$hash])) {
                $said['orphaned'][] = 'orphaned: '.$hash.', no record speaks of it';
            }
        }

        return $said;
    }

    /** @return list<string> */
    private function cases(Picture $picture): array
    {
        return array_values(
            array_unique(array_map(static fn (Photo $photo): string => $photo->case->number, $this->photos->ofPicture($picture)))
        );
    }
}
