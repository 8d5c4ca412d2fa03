<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Measuring\LimitVerdict;

/** A reading against its limits. */
final readonly class ReadingFact
{
    /**
     * @param string $part key; empty: of the unit as a whole
     * @param ReadingSays|null $says what it is about and to which side; null: not told, and it speaks of wear
     */
    public function __construct(public string $part, public string $name, public LimitVerdict $verdict, public ?ReadingSays $says = null)
    {
    }

    /**
     * What readings say of wear: the worst of a part's counts, and any of them before a look.
     *
     * @param list<self> $readings
     * @param array<string, Spot> $spots
     *
     * @return array<string, Evidence>
     */
    public static function evidence(array $readings, array $spots): array
    {
        $read = [];
        foreach ($readings as $reading) {
            $id = Spot::idOf('damage', 'worn', $reading->part);
            $likely = match ($reading->verdict) {
                LimitVerdict::Outside => [0.02, 1.0],
                LimitVerdict::Within => [1.0, 0.1],
                default => [0.6, 1.0],
            };
            if (isset($spots[$id]) && (!isset($read[$id]) || $likely[0] < $read[$id]->ifFalse)) {
                $read[$id] = new Evidence($id, $likely[0], $likely[1], lcfirst($reading->name).' '.$reading->verdict->value);
            }
        }

        return $read;
    }
}
