<?php

declare(strict_types=1);

namespace App\Teardown;

use Japhrex\Core\Family\Part;

/** What the strip page shows of a part. */
final readonly class SeenPart
{
    /**
     * @param int|null $grade the worst that was found, 0 to 4; null: nobody has looked
     * @param object|null $carried the decision of the last time, where it was one more run
     * @param list<object> $photos
     * @param list<object> $weak its known weak places with what was found there
     */
    public function __construct(
        public Part $part,
        public ?int $grade,
        public ?object $carried,
        public array $photos,
        public array $weak = [],
    ) {
    }
}
