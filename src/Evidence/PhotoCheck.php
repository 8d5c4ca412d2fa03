<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Clips\Clip;
use App\Evidence\Clips\ClipIntake;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;
use League\Flysystem\FilesystemOperator;

/** Reads every stored photo and clip anew and compares its hash; what the last check said lies beside them in the store. */
final readonly class PhotoCheck
{
    private const SAID = 'checked.json';

    public function __construct(private EntityManagerInterface $em, private StoredFiles $stored, private FilesystemOperator $files)
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
            $state = $this->state('photos', $picture->hash);
            if (null !== $state) {
                $said['lost'][] = \sprintf('%s: %s, in %s', $state, $picture->hash, implode(', ', $this->cases($picture)) ?: 'no case');
            }
            $this->em->detach($picture);
        }
        /** @var Clip $clip */
        foreach ($this->em->createQuery('SELECT c FROM '.Clip::class.' c ORDER BY c.id')->toIterable() as $clip) {
            ++$said['photos'];
            $known[$clip->hash] = true;
            $state = $this->state(ClipIntake::AREA, $clip->hash);
            if (null !== $state) {
                $said['lost'][] = \sprintf('%s: %s, in %s', $state, $clip->hash, $clip->case->number);
            }
        }
        foreach ([...$this->stored->hashes('photos'), ...$this->stored->hashes(ClipIntake::AREA)] as $hash) {
            if (!isset($known[$hash])) {
                $said['orphaned'][] = 'orphaned: '.$hash.', no record speaks of it';
            }
        }
        $this->files->write(self::SAID, json_encode($said, \JSON_THROW_ON_ERROR));

        return $said;
    }

    /** What is to be said of the last check: null if it found all photos as they came, or none was made yet. */
    public function alarm(): ?string
    {
        $said = $this->files->fileExists(self::SAID) ? json_decode($this->files->read(self::SAID), true) : null;
        $lost = \is_array($said) && \is_array($said['lost'] ?? null) ? array_values(array_filter($said['lost'], is_string(...))) : [];

        return [] === $lost ? null : \sprintf('The check of the stored photos (%s) found %d not as they came: %s. Tell whoever looks after the server: they have to come from the backup.', $said['at'] ?? '', \count($lost), implode('; ', \array_slice($lost, 0, 3)));
    }

    private function state(string $area, string $hash): ?string
    {
        return !$this->stored->has($area, $hash) ? 'missing' : ($this->stored->hashOf($area, $hash) === $hash ? null : 'damaged');
    }

    /** @return list<string> */
    private function cases(Picture $picture): array
    {
        return array_values(array_unique(array_map(static fn (Photo $photo): string => $photo->case->number, $this->em->getRepository(Photo::class)->findBy(['picture' => $picture]))));
    }
}
