<?php

declare(strict_types=1);

namespace App\Identity;

use App\Identity\Repository\SeenFeatureRepository;
use App\Intake\CaseFile;
use App\Platform\KeptForAWhile;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Model;

/** Models that no book has, and that this shop has measured: the latest of each as it was. */
final readonly class ShopModels
{
    public function __construct(private SeenFeatureRepository $seen, private KeptForAWhile $kept)
    {
    }

    /** @return list<Model> */
    public function besides(CaseFile $case, Book $book): array
    {
        return $this->kept->of(['models of the shop', (string) $case->id], fn (): array => $this->seenBesides($case, $book));
    }

    /** @return list<Model> */
    private function seenBesides(CaseFile $case, Book $book): array
    {
        $facts = $names = [];
        foreach ($this->seen->ofNamedUnitsBesides($case) as $one) {
            $name = trim($one->case->maker.' '.$one->case->model);
            $feature = $book->identity->features[$one->feature] ?? null;
            if (null !== $feature && null === $book->model($name)) {
                $names[$name] = [trim($one->case->maker), trim($one->case->model)];
                $facts[$name][$feature->fact] = $one->value;
            }
        }

        return array_values(array_map(
            static fn (string $name): Model => new Model($names[$name][0], $names[$name][1], $facts[$name]),
            array_keys($names),
        ));
    }
}
