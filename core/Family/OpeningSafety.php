<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What is done and known before a unit of this family is opened. The maker's manual, local rules and licensed people come first. */
final readonly class OpeningSafety
{
    /**
     * @param string $isolate what is locked out, and against what
     * @param string $drain how it is emptied
     * @param string $empty how the last of it is turned out
     * @param string $pinch where it takes fingers when it is turned by hand
     * @param string $weight of the whole unit, with its unit, where the models do not say theirs; empty: they do
     * @param string $hangs how it is carried or hoisted
     */
    public function __construct(
        public string $isolate,
        public string $drain,
        public string $empty,
        public string $pinch,
        public string $weight,
        public string $hangs,
    ) {
    }
}
