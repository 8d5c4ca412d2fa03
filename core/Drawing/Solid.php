<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A body of simple form, the stuff that parts are drawn of. */
interface Solid
{
    /** @return list<Face> what the eye sees of it, from the back to the front */
    public function faces(): array;

    /** @return list<array{float, float}> points on the sheet within whose hull it lies */
    public function points(): array;

    /** How near to the eye its middle is. */
    public function depth(): float;
}
