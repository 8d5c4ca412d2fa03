<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Family\PartKind;
use Japhrex\Core\Family\SurfaceKind;

/** One way in which a mechanism works: what brings what about, where, and how surely. */
final readonly class Rule
{
    /** @param float $strength chance that the cause, present, brings the effect about */
    public function __construct(public Term $if, public Term $then, public Where $where, public float $strength)
    {
    }

    /** What is not of this medium works where its own kinds of part are asked for, and nowhere else. */
    public function holdsIn(string $medium, Vocabulary $vocabulary): bool
    {
        $origin = 'origin' === $this->if->kind ? $vocabulary->origins[$this->if->key] ?? null : null;

        return null === $origin
            || $origin->isOf($medium)
            || $this->where->asksFor(array_map(static fn (PartKind|SurfaceKind $kind): string => $kind->value, $origin->orWith));
    }
}
