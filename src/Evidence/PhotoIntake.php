<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\Repository\PictureRepository;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Photo\PhotoQuality;
use Japhrex\Core\Photo\TargetFinder;
use Japhrex\Core\Photo\Wanted;
use League\Flysystem\FilesystemException;

/** Takes photos into a case: looks what the file really is, reads it whole, stores it unchanged, then notes it. */
final readonly class PhotoIntake
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private StoredFiles $stored,
        private PictureTool $tool,
        private ShownPictures $shown,
        private CurrentPerson $person,
        private int $largestPhoto,
        private PhotoPixels $pixels,
        private PhotoRulers $rulers,
        private PictureRepository $pictures,
        private PhotoRepository $photos,
        private FindingRepository $findings,
    ) {
    }

    /**
     * @throws NotAPicture
     * @throws ShopError
     */
    public function take(string $file, string $name, CaseFile $case, ?string $part, PhotoStage $stage): Photo
    {
        $bytes = (int) filesize($file);
        if (0 === $bytes) {
            throw NotAPicture::empty();
        }
        if ($bytes > $this->largestPhoto) {
            throw NotAPicture::tooLarge($this->largestPhoto);
        }
        $facts = $this->tool->inspect($file);
        $hash = StoredFiles::sha256($file);
        // The same picture sent twice at the same moment: the second waits, and finds the first.
        $lock = hexdec(substr($hash, 0, 15));
        $this->entityManager->getConnection()->executeStatement('SELECT pg_advisory_lock(?)', [$lock]);
        try {
            return $this->note($file, $name, $hash, $facts, $case, $part, $stage);
        } finally {
            $this->entityManager->getConnection()->executeStatement('SELECT pg_advisory_unlock(?)', [$lock]);
        }
    }

    private function note(
        string $file,
        string $name,
        string $hash,
        PictureFacts $facts,
        CaseFile $case,
        ?string $part,
        PhotoStage $stage,
    ): Photo {
        $picture = $this->pictures->withHash($hash);
        $known = null === $picture ? null : $this->photos->showing($case, $picture);
        if (null !== $known) {
            return $known;
        }
        try {
            $this->shown->makeBoth($file, $hash);
        } catch (FilesystemException|\App\Platform\ToolFailed $error) {
            throw new ShopError(
                "The server's disk took no more: this file was not stored. Keep it on the phone or card, make room on the "
                    .'server, and send it again.',
                507,
                $error,
            );
        }
        $this->stored->keep('photos', $file, $hash);
        $picture ??= new Picture($hash, $facts->type, (int) filesize($file), $facts->width, $facts->height, $facts->takenAt);
        $photo = new Photo($case, $picture, $part, $stage, mb_substr(mb_scrub(basename(strtr($name, '\\', '/'))), 0, 255));
        $photo->doneBy($this->person->actor());
        // Read from the small picture that is there already; said at once, while the part is still on the bench.
        $raster = $this->pixels->shown($hash, PictureSize::Screen, PhotoRulers::SEARCHED);
        $card = (new TargetFinder())->find($raster);
        if (null !== $card) {
            $this->rulers->setCard($photo, $card, $raster->width, $raster->height);
        }
        $photo->hint(PhotoQuality::of(
            $raster->halved(),
            max($facts->width, $facts->height),
            $this->asksScale($case, $part, $stage),
            null !== $card,
        )->hints);
        $this->entityManager->persist($picture);
        $this->entityManager->persist($photo);
        $this->entityManager->flush();

        return $photo;
    }

    private function asksScale(CaseFile $case, ?string $part, PhotoStage $stage): bool
    {
        $found = null === $part ? [] : $this->findings->ofPart($case, $part);

        return Wanted::asksScale(
            PhotoStage::Cleaned === $stage,
            array_map(static fn (Finding $finding): int => $finding->rampGrade(), $found),
        );
    }
}
