<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/**
 * The sizes of a unit as it went together: plays read in the build, and what was read of parts that went back in. Of renewed parts nothing
 * that was read before holds.
 */
final readonly class AsBuilt implements Sources
{
    /**
     * @param array<string, list<string>> $plays `part/field` => as read in the build
     * @param list<string> $renewed parts that are new, or were machined
     */
    public function __construct(private Book $book, private Sources $found, private array $plays, private array $renewed)
    {
    }

    public function known(string $reference): ?Known
    {
        $read = $this->read($reference);

        return $read ?? ($this->isRenewed($reference) ? null : $this->found->known($reference));
    }

    /** Was it read in the build? */
    public function isRead(string $reference): bool
    {
        return null !== $this->read($reference);
    }

    private function read(string $reference): ?Known
    {
        try {
            $sizes = array_map(
                static fn (string $one): Quantity => Quantity::parse($one, Dimension::Length),
                $this->plays[$reference] ?? [],
            );
        } catch (QuantityError) {
            return null;
        }
        if ([] === $sizes) {
            return null;
        }
        $all = array_map(static fn (Quantity $one): float => $one->si, $sizes);

        return new Known(array_sum($all) / \count($all), 0.0, Dimension::Length, $sizes[0]->typedUnit, $this->book->fieldName($reference));
    }

    /** Does it hang on a part that is new, or was machined? */
    public function isRenewed(string $reference): bool
    {
        $from = $this->book->field($reference)?->from?->references() ?? [];

        return [] !== array_filter(
            [$reference, ...$from],
            fn (string $one): bool => \in_array(explode('/', $one)[0], $this->renewed, true),
        );
    }
}
