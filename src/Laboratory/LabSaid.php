<?php

declare(strict_types=1);

namespace App\Laboratory;

use Japhrex\Core\Laboratory\LabVerdict;

/** What others looked into, and what it came to. */
final readonly class LabSaid
{
    /**
     * @param list<LabVerdict> $verdicts
     * @param array<string, string> $others what they read that nothing is judged by
     */
    public function __construct(
        public LabOrder $order,
        public array $verdicts,
        public array $others,
    ) {
    }
}
