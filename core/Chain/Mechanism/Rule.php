<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

/** One way in which a mechanism works: what brings what about, where, and how surely. */
final readonly class Rule
{
    /** @param float $strength chance that the cause, present, brings the effect about */
    public function __construct(public Term $if, public Term $then, public Where $where, public float $strength)
    {
    }
}
