<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Photo\PhotoQuality;
use Japhrex\Core\Photo\TargetFinder;
use Japhrex\Core\Photo\Wanted;
use League\Flysystem\FilesystemException;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Takes photos into a case: looks what the file really is, reads it whole, stores it unchanged, then notes it. */
final readonly class PhotoIntake
{
    public function __construct(
        private EntityManagerInterface $em,
        private StoredFiles $stored,
        private PictureTool $tool,
        private ShownPictures $shown,
        private CurrentPerson $person,
        private int $largestPhoto,
        private PhotoPixels $pixels,
        private PhotoRulers $rulers,
    ) {
    }

    /**
     * @throws NotAPicture saying what is wrong with the file
     * @throws ShopError if the server could not store it
     */
    public function take(UploadedFile $upload, CaseFile $case, ?string $part, PhotoStage $stage): Photo
    {
        match ($upload->getError()) {
            \UPLOAD_ERR_OK => null,
            \UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE => throw NotAPicture::tooLarge($this->largestPhoto),
            \UPLOAD_ERR_PARTIAL, \UPLOAD_ERR_NO_FILE => throw NotAPicture::interrupted(),
            default => throw new ShopError("The server's disk took no more: this file was not stored. Keep it on the phone or card, make room on the server, and send it again.", 507),
        };

        return $this->takeFile($upload->getPathname(), $upload->getClientOriginalName(), $case, $part, $stage);
    }

    /**
     * @throws NotAPicture
     * @throws ShopError
     */
    public function takeFile(string $file, string $name, CaseFile $case, ?string $part, PhotoStage $stage): Photo
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
        $picture = $this->em->getRepository(Picture::class)->findOneBy(['hash' => $hash]);
        $known = null === $picture ? null : $this->em->getRepository(Photo::class)->findOneBy(['case' => $case, 'picture' => $picture]);
        if (null !== $known) {
            return $known;
        }
        try {
            $this->shown->makeBoth($file, $hash);
        } catch (FilesystemException|\App\Platform\ToolFailed $error) {
            throw new ShopError("The server's disk took no more: this file was not stored. Keep it on the phone or card, make room on the server, and send it again.", 507, $error);
        }
        $this->stored->keep('photos', $file, $hash);
        $picture ??= new Picture($hash, $facts->type, $bytes, $facts->width, $facts->height, $facts->takenAt);
        $photo = new Photo($case, $picture, $part, $stage, mb_substr(mb_scrub(basename(strtr($name, '\\', '/'))), 0, 255));
        $photo->byWhom = $this->person->orNull()->name ?? 'the program';
        // Read from the small picture that is there already; said at once, while the part is still on the bench.
        $raster = $this->pixels->shown($hash, PictureSize::Screen, PhotoRulers::SEARCHED);
        $card = (new TargetFinder())->find($raster);
        if (null !== $card) {
            $this->rulers->setCard($photo, $card, $raster->width, $raster->height);
        }
        $photo->hints = PhotoQuality::of($raster->halved(), max($facts->width, $facts->height), $this->asksScale($case, $part, $stage), null !== $card)->hints;
        $this->em->persist($picture);
        $this->em->persist($photo);
        try {
            $this->em->flush();
        } catch (UniqueConstraintViolationException $twice) {
            throw new ShopError('The same picture is being stored by somebody else at this moment. Load the page again: it will be there.', 409, $twice);
        }

        return $photo;
    }

    private function asksScale(CaseFile $case, ?string $part, PhotoStage $stage): bool
    {
        $found = null === $part ? [] : $this->em->getRepository(Finding::class)->findBy(['case' => $case, 'part' => $part]);

        return Wanted::asksScale(PhotoStage::Cleaned === $stage, array_map(static fn (Finding $finding): int => $finding->rampGrade(), $found));
    }
}
