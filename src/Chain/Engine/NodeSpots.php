<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\ChainNode;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Spot;

/** Which conditions of the engine's network a condition of the analyst's chain may be. */
final class NodeSpots
{
    /** @return list<string> ids of spots; none: it is in words that the engine does not know */
    public static function of(ChainNode $node, Ground $ground): array
    {
        $finding = $node->finding;
        $is = match (true) {
            'state:debris' === $node->spot => static fn (Spot $one): bool => 'state' === $one->kind && 'debris' === $one->key,
            null !== $finding => static fn (Spot $one): bool => 'damage' === $one->kind && $one->key === $finding->mode
                && $one->part() === $finding->part
                && (null === $finding->surface || \in_array($one->place, [$finding->part, $finding->place()], true)),
            null !== $node->complaint => static fn (Spot $one): bool => 'complaint' === $one->kind && $one->key === $node->complaint->what,
            default => static fn (Spot $one): bool => $one->id() === $node->spot,
        };

        return array_values(array_map(static fn (Spot $one): string => $one->id(), array_filter($ground->spots, $is)));
    }
}
