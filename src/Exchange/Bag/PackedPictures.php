<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Evidence\Clips\ClipIntake;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\WrittenMarks;
use App\Intake\CaseFile;
use App\Platform\StoredFiles;
use Japhrex\Core\Photo\CodedPicture;
use Japhrex\Core\Photo\PlaceTakenOut;

/** Photos and films of a case as copies to go out: byte for byte as they came but for where they were taken, unless that is asked for. */
final readonly class PackedPictures
{
    /** Bytes of a film read at a time. */
    private const PIECE = 8 << 20;

    public function __construct(private PhotoRepository $photos, private ClipRepository $clips, private StoredFiles $stored)
    {
    }

    public function photos(CaseFile $case, bool $withPlaces, string $folder): PackedFiles
    {
        $files = $about = [];
        foreach ($this->photos->byStage($case) as $i => $photo) {
            $name = \sprintf('photos/%03d-%s-%s.%s', $i + 1, $photo->part ?? 'unit', $photo->stage->value, $photo->picture->extension());
            $file = \sprintf('%s/photo-%d', $folder, $i);
            rename($this->stored->copyOut('photos', $photo->picture->hash), $file);
            $bytes = (string) file_get_contents($file);
            $coded = CodedPicture::digest($bytes);
            $without = $withPlaces ? null : PlaceTakenOut::of($bytes);
            if (null !== $without) {
                file_put_contents($file, $without);
            }
            $files[$name] = $file;
            $marks = null;
            if (!$photo->marks->isEmpty()) {
                $marks = \sprintf('marks/%03d.jsonld', $i + 1);
                file_put_contents($files[$marks] = $file.'.jsonld', PackedCase::json(WrittenMarks::page($photo)));
            }
            $about[] = [
                'id' => (string) $photo->id, 'file' => $name, 'marks' => $marks, 'part' => $photo->part, 'stage' => $photo->stage->value,
                'caption' => $photo->caption, 'as-it-came' => $photo->originalName, 'taken' => $photo->takenAt()?->format(\DATE_ATOM),
                'width' => $photo->picture->width, 'height' => $photo->picture->height, 'by' => $photo->byWhom,
                'original-sha256' => $photo->picture->hash, 'copy-sha256' => hash('sha256', $without ?? $bytes), 'coded-sha256' => $coded,
                'place-taken-out' => null !== $without,
            ];
        }

        return new PackedFiles($files, $about);
    }

    public function clips(CaseFile $case, bool $withPlaces, string $folder): PackedFiles
    {
        $files = $about = [];
        foreach ($this->clips->ofCase($case) as $i => $clip) {
            $name = \sprintf('clips/%03d-%s.%s', $i + 1, $clip->part ?? 'unit', $clip->extension());
            rename($this->stored->copyOut(ClipIntake::AREA, $clip->hash), $files[$name] = \sprintf('%s/clip-%d', $folder, $i));
            $withPlaces || self::withoutPlace($files[$name]);
            $copy = (string) hash_file('sha256', $files[$name]);
            $about[] = [
                'id' => (string) $clip->id, 'file' => $name, 'part' => $clip->part, 'stage' => $clip->stage->value,
                'caption' => $clip->caption, 'said' => $clip->said, 'seconds' => $clip->seconds, 'type' => $clip->type,
                'as-it-came' => $clip->originalName, 'taken' => $clip->takenAt()?->format(\DATE_ATOM), 'by' => $clip->byWhom,
                'original-sha256' => $clip->hash, 'copy-sha256' => $copy, 'place-taken-out' => $copy !== $clip->hash,
            ];
        }

        return new PackedFiles($files, $about);
    }

    /** Piece by piece, each with the end of the one before it, since a film may be larger than the memory. */
    private static function withoutPlace(string $file): void
    {
        $film = fopen($file, 'r+') ?: throw new \RuntimeException('The film could not be read on the server.');
        for ($at = 0;; $at += self::PIECE) {
            $from = max(0, $at - PlaceTakenOut::POINT);
            fseek($film, $from);
            $piece = (string) stream_get_contents($film, self::PIECE + $at - $from);
            if ('' === $piece || \strlen($piece) <= $at - $from) {
                break;
            }
            $without = PlaceTakenOut::ofFilm($piece);
            if ($without !== $piece) {
                fseek($film, $from);
                fwrite($film, $without);
            }
        }
        fclose($film);
    }
}
