<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Repository\AuditEntryRepository;
use App\Evidence\Clips\ClipIntake;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\Repository\PictureRepository;
use App\Intake\CaseFile;
use App\Platform\Mismatch;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;

/** Reads every stored photo and clip anew and compares its hash. */
final readonly class PhotoCheck
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private StoredFiles $stored,
        private PhotoRepository $photos,
        private PictureRepository $pictures,
        private ClipRepository $clips,
        private AuditEntryRepository $trail,
    ) {
    }

    public function run(): PhotoCheckResult
    {
        $photos = 0;
        $known = $lost = [];
        foreach ($this->pictures->each() as $picture) {
            ++$photos;
            $known[$picture->hash] = true;
            $state = $this->stored->state('photos', $picture->hash);
            if (null !== $state) {
                $lost[] = self::mismatch($state, $picture->hash, $this->cases($picture));
            }
            $this->entityManager->detach($picture);
        }
        foreach ($this->clips->each() as $clip) {
            ++$photos;
            $known[$clip->hash] = true;
            $state = null === $clip->case->peopleOutAt ? $this->stored->state(ClipIntake::AREA, $clip->hash) : null;
            if (null !== $state) {
                $lost[] = self::mismatch($state, $clip->hash, [$clip->case->number]);
            }
        }
        $unknown = [];
        foreach ([...$this->stored->hashes('photos'), ...$this->stored->hashes(ClipIntake::AREA)] as $hash) {
            if (!isset($known[$hash]) && !$this->isRecorded($hash)) {
                $unknown[$hash] = 'orphaned: '.$hash.', no record speaks of it; what breaks off as it comes in leaves such a file';
            }
        }
        // Record and trail are written together or not at all: what the trail tells of was recorded once.
        foreach ($this->trail->addedWith(array_keys($unknown)) as $told) {
            $case = null === $told->caseId ? null : $this->entityManager->find(CaseFile::class, $told->caseId);
            $lost[] = self::mismatch('record gone: '.$told->what, (string) $told->after, null === $case ? [] : [$case->number]);
            unset($unknown[$told->after]);
        }

        return new PhotoCheckResult(date('j M Y H:i'), $photos, $lost, array_values($unknown));
    }

    /** What came in since the records were read has its own by now. */
    private function isRecorded(string $hash): bool
    {
        return null !== $this->pictures->withHash($hash) || 0 < $this->clips->count(['hash' => $hash]);
    }

    /** @param list<string> $cases numbers */
    private static function mismatch(string $state, string $hash, array $cases): Mismatch
    {
        return new Mismatch(\sprintf('%s: %s, in %s', $state, $hash, implode(', ', $cases) ?: 'no case'), $cases);
    }

    /** @return list<string> */
    private function cases(Picture $picture): array
    {
        return array_values(
            array_unique(array_map(static fn (Photo $photo): string => $photo->case->number, $this->photos->ofPicture($picture)))
        );
    }
}
