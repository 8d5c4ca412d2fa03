<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Evidence\Repository\ReferenceRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for an example of the reference collection. */
final readonly class KeepExample
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private ReferenceRepository $references,
    ) {
    }

    /**
     * @param string $mode key of the damage; of a good one it says nothing
     *
     * @throws ShopError saying what is missing
     */
    public function __invoke(Photo $photo, int $grade, string $mode, string $words, Actor $who): void
    {
        if (null === $photo->part) {
            throw new ShopError('An example shows a part: say first which one this photo shows.', 422);
        }
        if ($grade < 0 || $grade > 4) {
            throw new ShopError('An example is of a grade from 0, a good one, to 4.', 422);
        }
        $mode = 0 === $grade ? null : $this->shelf->modes()->get($mode)?->key;
        if ($grade > 0 && null === $mode) {
            throw new ShopError('Of which kind of damage is it an example?', 422);
        }
        $words = mb_substr(trim($words), 0, 300);
        $known = $this->references->ofPhoto($photo);
        $known?->showNow($grade, $mode, $words, $who);
        $this->entityManager->persist($known ?? new Reference($photo, $grade, $mode, $words, $who));
        $this->entityManager->flush();
    }
}
