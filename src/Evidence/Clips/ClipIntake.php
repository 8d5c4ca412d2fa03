<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

use App\Account\CurrentPerson;
use App\Evidence\NotAPicture;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\ClipRepository;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;

/** Takes clips and sounds into a case, stored unchanged before they are noted. */
final readonly class ClipIntake
{
    public const AREA = 'clips';

    public function __construct(
        private EntityManagerInterface $entityManager,
        private StoredFiles $stored,
        private ClipReader $reader,
        private CurrentPerson $person,
        private int $largestClip,
        private ClipRepository $clips,
    ) {
    }

    /**
     * @throws NotAPicture saying what is wrong with the file
     * @throws ShopError if the server could not store it
     */
    public function take(string $file, string $name, CaseFile $case, ?string $part, PhotoStage $stage): Clip
    {
        $bytes = (int) filesize($file);
        if ($bytes > $this->largestClip) {
            throw NotAPicture::clipTooLarge($this->largestClip);
        }
        $facts = $this->reader->read($file);
        // Too large to be held in memory at once.
        $hash = (string) hash_file('sha256', $file);
        $known = $this->clips->withHash($case, $hash);
        if (null !== $known) {
            return $known;
        }
        $this->stored->keep(self::AREA, $file, $hash);
        $clip = new Clip($case, $hash, $bytes, $facts, $part, $stage, mb_substr(mb_scrub(basename(strtr($name, '\\', '/'))), 0, 255));
        $clip->doneBy($this->person->actor());
        $this->entityManager->persist($clip);
        $this->entityManager->flush();

        return $clip;
    }
}
