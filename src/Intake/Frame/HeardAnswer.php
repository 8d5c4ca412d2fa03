<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** What the user of a unit answered to how it runs. */
final readonly class HeardAnswer
{
    /**
     * @param bool $failed it runs no more
     * @param string $name of who answered, as they wrote it
     * @param string|null $photo id of the picture they sent
     */
    public function __construct(
        public bool $failed,
        public string $name,
        public \DateTimeImmutable $madeAt,
        public string $inWords,
        public ?string $photo,
    ) {
    }
}
