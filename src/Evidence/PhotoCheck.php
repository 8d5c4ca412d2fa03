<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Clips\Clip;
use App\Evidence\Clips\ClipIntake;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;

/** Reads every stored photo and clip anew and compares its hash. */
final readonly class PhotoCheck
{
    public function __construct(private EntityManagerInterface $em, private StoredFiles $stored)
    {
    }

    /** @return array{at: string, photos: int, lost: list<string>, orphaned: list<string>} lost: missing or damaged, with the cases that hold it */
    public function run(): array
    {
        $said = ['at' => date('j M Y H:i'), 'photos' => 0, 'lost' => [], 'orphaned' => []];
        $known = [];
        /** @var Picture $picture */
        foreach ($this->em->createQuery('SELECT p FROM '.Picture::class.' p ORDER BY p.id')->toIterable() as $picture) {
            ++$said['photos'];
            $known[$picture->hash] = true;
            $state = $this->stored->state('photos', $picture->hash);
            if (null !== $state) {
                $said['lost'][] = \sprintf('%s: %s, in %s', $state, $picture->hash, implode(', ', $this->cases($picture)) ?: 'no case');
            }
            $this->em->detach($picture);
        }
        /** @var Clip $clip */
        foreach ($this->em->createQuery('SELECT c FROM '.Clip::class.' c ORDER BY c.id')->toIterable() as $clip) {
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
        return array_values(array_unique(array_map(static fn (Photo $photo): string => $photo->case->number, $this->em->getRepository(Photo::class)->findBy(['picture' => $picture]))));
    }
}
