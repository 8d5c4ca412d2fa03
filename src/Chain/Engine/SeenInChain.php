<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Repository\ChainNodeRepository;
use App\Evidence\AfterFinding;
use App\Evidence\Finding;
use Japhrex\Core\Damage\FindingKind;

/**
 * Damage that the engine had put into the chain, and that somebody now has looked for: seen, it rests on what was found; clean, the chain
 * says so.
 */
final readonly class SeenInChain implements AfterFinding
{
    public function __construct(private ChainNodeRepository $nodes)
    {
    }

    public function found(Finding $finding): void
    {
        foreach ($this->nodes->unseenDamage($finding->case) as $node) {
            if (null === $node->spot || 1 !== preg_match('/^damage:([a-z0-9-]+)@(.+)$/', $node->spot, $spot)) {
                continue;
            }
            [, $mode, $place] = $spot;
            $there = explode('/', $place)[0] === $finding->part
                && (!str_contains($place, '/') || null === $finding->surface || $finding->place() === $place);
            if ($there && FindingKind::Damage === $finding->kind && $finding->mode === $mode) {
                $node->restOn($finding);
            } elseif ($there && $finding->kind->findsNothing()) {
                $node->notFound();
            }
        }
    }
}
