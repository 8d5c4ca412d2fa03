<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Evidence\Repository\ReferenceRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\FindingKind;

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
     * @param string $mode key of the damage; of grade 0 one of FindingKind::harmless, or empty: as new
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
        $harmless = FindingKind::tryFrom($mode);
        $mode = match (true) {
            $grade > 0 => $this->shelf->modes()->get($mode)?->key,
            \in_array($harmless, FindingKind::harmless(), true) => $harmless->value,
            default => null,
        };
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
