<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What is known of one unit that tells it from others of its family. Empty: nobody has said. */
final readonly class UnitIs
{
    /**
     * @param string $model maker and model
     * @param string $version letter or index on its tag
     * @param int|null $built year in which it was made; null: not known
     * @param string $rotation left, right or both
     * @param string $duty key of the book's duty
     * @param array<string, string> $chosen key of a choice of the book => key of the option that it has
     */
    public function __construct(
        public string $model = '',
        public string $version = '',
        public ?int $built = null,
        public string $rotation = '',
        public string $duty = '',
        public array $chosen = [],
    ) {
    }
}
