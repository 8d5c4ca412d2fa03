<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Things that carry a digest, by which they can be told to be what they were. */
#[AutoconfigureTag(self::TAG)]
interface StoredThing
{
    public const TAG = 'app.stored_thing';

    /** What they are, in the plural. */
    public function name(): string;

    /** @return iterable<int, Mismatch|null> one for each thing that was looked at; null: it is what it was */
    public function check(): iterable;
}
