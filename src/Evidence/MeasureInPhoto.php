<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Photo\MeasureKind;
use Japhrex\Core\Photo\PhotoError;

/** The one way in for what is measured in a photo. */
final readonly class MeasureInPhoto
{
    public function __construct(private EntityManagerInterface $entityManager, private PhotoRulers $rulers)
    {
    }

    /**
     * @param string $points shares of the picture, JSON
     * @param string $inside what is left out of an area, JSON
     *
     * @throws ShopError saying what cannot be measured
     */
    public function __invoke(Photo $photo, MeasureKind $kind, string $points, string $inside, string $note, Actor $who): void
    {
        try {
            [$points, $inside] = [PhotoRulers::shares($points), PhotoRulers::shares($inside)];
            $measured = $this->rulers->measuring($photo)->measure(
                $kind,
                $this->rulers->pixels($photo, $points),
                $this->rulers->pixels($photo, $inside),
            );
        } catch (PhotoError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }
        $this->entityManager->persist(new PhotoMeasure($photo, $kind, $points, $inside, $measured, mb_substr($note, 0, 200), $who));
        $this->entityManager->flush();
    }
}
