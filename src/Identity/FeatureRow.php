<?php

declare(strict_types=1);

namespace App\Identity;

use Japhrex\Core\Family\Identity\Feature;
use Japhrex\Core\Family\Identity\Value;

/** A feature with what is known of it in a case: a reading of the part counts before what was typed here. */
final readonly class FeatureRow
{
    public function __construct(public Feature $feature, public ?SeenFeature $typed, public ?Value $read)
    {
    }

    public function value(): ?Value
    {
        return $this->read ?? (null === $this->typed ? null : $this->feature->value($this->typed->value));
    }
}
