<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** What an earlier case taught, as it is read in this one. */
final readonly class LessonHere
{
    /**
     * @param string $number of the case that taught it
     * @param bool $ofThisCase this case taught it itself
     * @param string|null $agreedBy null: nobody has agreed yet
     * @param string|null $photo id of the picture with it
     */
    public function __construct(
        public string $words,
        public string $source,
        public string $number,
        public bool $ofThisCase,
        public string $byWhom,
        public ?string $agreedBy,
        public ?string $photo,
        public string $caption,
    ) {
    }
}
