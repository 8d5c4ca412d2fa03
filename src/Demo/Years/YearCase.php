<?php

declare(strict_types=1);

namespace App\Demo\Years;

/** One closed case of an earlier year. */
final readonly class YearCase
{
    /**
     * @param int $ordinal from 1, in the order in which they came in
     * @param string $batch of the seal that the repair fitted; empty: none was written down
     * @param self|null $comesBackFrom in which the same unit was here before
     */
    public function __construct(
        public int $ordinal,
        public YearStory $story,
        public string $customer,
        public string $machine,
        public string $model,
        public string $serial,
        public float $hours,
        public ?float $sinceRepair,
        public \DateTimeImmutable $taken,
        public \DateTimeImmutable $signed,
        public \DateTimeImmutable $out,
        public ?self $comesBackFrom,
        public string $batch,
    ) {
    }
}
