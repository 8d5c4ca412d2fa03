<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\MarkError;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Photo\Stroke;

/** The one way in for a mark on a photo. */
final readonly class MarkPhoto
{
    public function __construct(private EntityManagerInterface $entityManager, private BookShelf $shelf)
    {
    }

    /**
     * @param array<mixed> $points shares of the picture
     * @param string $mode key of the damage; what the list does not know counts as none named
     *
     * @throws ShopError saying what is wrong with the shape or the grade
     */
    public function __invoke(
        Photo $photo,
        MarkShape $shape,
        array $points,
        string $mode,
        int $grade,
        string $note,
        Actor $who,
        ?Finding $finding = null,
    ): void {
        try {
            $points = $shape->points($points);
            $points = MarkShape::Stroke === $shape ? Stroke::simplified($points) : $points;
        } catch (MarkError $error) {
            throw new ShopError($error->getMessage(), previous: $error);
        }
        if ($grade < 0 || $grade > 4) {
            throw new ShopError('A grade is from 0 to 4.');
        }
        $mode = $this->shelf->modes()->get($mode)?->key;
        $this->entityManager->persist(new Mark($photo, $shape, $points, $mode, $grade, mb_substr($note, 0, 300), $who, $finding));
        $this->entityManager->flush();
    }
}
