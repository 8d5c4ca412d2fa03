<?php

declare(strict_types=1);

namespace App\Repair\Build;

use Japhrex\Core\Family\Fasteners;

/** The fasteners of one joint, as the book has them and as they came off and went back. */
final readonly class FastenerRow
{
    /**
     * @param string $torque as the book has it
     * @param string $off how they came off
     * @param string $on to which torque they are tightened; empty: not yet
     * @param string $broke which broke
     * @param string $renewed which are new
     */
    public function __construct(
        public Fasteners $joint,
        public string $torque,
        public string $off,
        public string $on,
        public string $broke,
        public string $renewed,
    ) {
    }
}
