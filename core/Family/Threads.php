<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How the threads are for which a torque is told: oiled, the same torque pulls about a third harder. */
enum Threads: string
{
    case Dry = 'dry';
    case Oiled = 'oiled';
    case Sealant = 'sealant';

    public function says(): string
    {
        return match ($this) {
            self::Dry => 'Threads dry: the torque is for that. Oiled, it pulls about a third harder.',
            self::Oiled => 'Threads and the faces under the heads oiled: the torque is for that.',
            self::Sealant => 'Threads with sealant or locking compound, before it sets: the torque is for that.',
        };
    }
}
