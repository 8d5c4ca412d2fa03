<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Family\Upkeep;

/** Prices of a family: of its parts and their better versions, of kits, of whole units, of sides of a choice. */
final readonly class PriceSheet
{
    /** @var array<string, Price> standard prices by part */
    public array $standard;

    /** @var array<string, Price> prices of better versions by part */
    public array $better;

    /** @param list<Price> $prices */
    public function __construct(public array $prices)
    {
        [$standard, $better] = [[], []];
        foreach ($prices as $price) {
            if ($price->upgrade) {
                $better[$price->part] = $price;
            } else {
                $standard[$price->part] = $price;
            }
        }
        [$this->standard, $this->better] = [$standard, $better];
    }

    /** @return list<Line> a whole unit; none without a price */
    public function unit(string $part, string $what): array
    {
        return isset($this->standard[$part]) ? [self::line($what, $this->standard[$part])] : [];
    }

    /** @return list<Line> the cheapest of the other sizes; none without a price */
    public function otherSizes(): array
    {
        $lines = [];
        foreach ($this->standard as $part => $price) {
            if (str_starts_with($part, Price::MODEL)) {
                $lines[] = self::line(substr($part, \strlen(Price::MODEL)), $price);
            }
        }
        usort($lines, static fn (Line $a, Line $b): int => $a->low->minor <=> $b->low->minor);

        return \array_slice($lines, 0, 1);
    }

    /**
     * @param array<string, string> $chosen choice of the book => side that was taken
     *
     * @return list<Line> what those sides cost more: a seal of another kind, another material
     */
    public function sides(Upkeep $upkeep, array $chosen): array
    {
        $lines = [];
        foreach ($chosen as $choice => $side) {
            $price = $this->standard[Price::CHOICE.$choice.'/'.$side] ?? null;
            $taken = $upkeep->choices[$choice]->sides[$side] ?? null;
            if (null !== $price && null !== $taken) {
                $lines[] = self::line($taken->name.', more than the usual', $price);
            }
        }

        return $lines;
    }

    public static function line(string $what, Price $price): Line
    {
        return new Line($what, 'part', $price->price, $price->price, $price->days);
    }
}
