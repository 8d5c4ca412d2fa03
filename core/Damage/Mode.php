<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** A kind of damage: what it is, how bad it can be, what it is mistaken for. */
final readonly class Mode
{
    /**
     * @param string $told what a part did, as a customer is told: follows its name
     * @param array<int, string> $grades anchors in words for grades 0 to 4
     * @param array<string, string> $lookAlikes key of another mode, or words => how to tell them apart
     * @param list<string> $also other words that people use for it
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $what,
        public array $grades,
        public array $lookAlikes,
        public string $speaksFor,
        public string $told = '',
        public FoundBy $foundBy = FoundBy::Eye,
        public array $also = [],
    ) {
    }
}
