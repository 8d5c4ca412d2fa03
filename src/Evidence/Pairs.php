<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\PhotoPairRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Photo\SameScale;

/** The pairs of a case, at one scale where both have one. */
final readonly class Pairs
{
    public function __construct(private PhotoPairRepository $pairs, private PhotoRulers $rulers)
    {
    }

    /** @return list<ShownPair> */
    public function of(CaseFile $case): array
    {
        return array_map(fn (PhotoPair $pair): ShownPair => new ShownPair($pair, SameScale::of(array_map(
            static fn (Photo $photo, ?float $scale): array => [(float) $photo->picture->width, (float) $photo->picture->height, $scale],
            [$pair->left, $pair->right],
            $this->scales([$pair->left, $pair->right]),
        ))), $this->pairs->ofCase($case));
    }

    /**
     * @param list<Photo> $photos
     *
     * @return list<float|null> millimetres a pixel; null: nothing in it tells
     */
    public function scales(array $photos): array
    {
        return array_map($this->rulers->millimetresAPixel(...), $photos);
    }

    /** @return list<Photo> that the pairs of a case show */
    public function photos(CaseFile $case): array
    {
        return array_merge(...array_map(static fn (PhotoPair $pair): array => [$pair->left, $pair->right], $this->pairs->ofCase($case)));
    }
}
