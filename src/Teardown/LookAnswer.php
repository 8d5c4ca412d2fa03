<?php

declare(strict_types=1);

namespace App\Teardown;

/** What was answered to a look before a part came off. */
final readonly class LookAnswer
{
    /**
     * @param string $part its key
     * @param int|null $grade of damage, 1 to 4; null: it was noted
     */
    public function __construct(public string $part, public string $says, public ?int $grade, public string $byWhom)
    {
    }
}
