<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Clips\Clip;
use App\Evidence\Clips\ClipIntake;
use App\Evidence\Clips\ClipReader;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Where every file comes in, by button, phone, folder or tray: pictures go one way, clips and sounds the other. */
final readonly class Arrivals
{
    public function __construct(private PhotoIntake $photos, private ClipIntake $clips, private int $largestPhoto)
    {
    }

    /**
     * @throws NotAPicture saying what is wrong with the file
     * @throws ShopError if the server could not store it
     */
    public function upload(UploadedFile $upload, CaseFile $case, ?string $part, PhotoStage $stage): Photo|Clip
    {
        match ($upload->getError()) {
            \UPLOAD_ERR_OK => null,
            \UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE => throw NotAPicture::tooLarge($this->largestPhoto),
            \UPLOAD_ERR_PARTIAL, \UPLOAD_ERR_NO_FILE => throw NotAPicture::interrupted(),
            default => throw new ShopError(
                "The server's disk took no more: this file was not stored. Keep it on the phone or card, make room on the "
                    .'server, and send it again.',
                507,
            ),
        };

        return $this->take($upload->getPathname(), $upload->getClientOriginalName(), $case, $part, $stage);
    }

    /**
     * @throws NotAPicture
     * @throws ShopError
     */
    public function take(string $file, string $name, CaseFile $case, ?string $part, PhotoStage $stage): Photo|Clip
    {
        return ClipReader::begins($file)
            ? $this->clips->take($file, $name, $case, $part, $stage)
            : $this->photos->take($file, $name, $case, $part, $stage);
    }
}
