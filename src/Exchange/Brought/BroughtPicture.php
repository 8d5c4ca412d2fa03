<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

/** A photo or a film of a brought case. */
final readonly class BroughtPicture
{
    /** @param string|null $coded digest of the coded picture alone; null: of a film none is taken */
    private function __construct(
        public string $file,
        public ?string $marks,
        public ?string $part,
        public string $caption,
        public string $original,
        public string $copy,
        public ?string $coded,
        public bool $placeTakenOut,
    ) {
    }

    public static function of(\stdClass $said): self
    {
        return new self(
            $said->file,
            $said->marks ?? null,
            $said->part,
            $said->caption,
            $said->{'original-sha256'},
            $said->{'copy-sha256'},
            $said->{'coded-sha256'} ?? null,
            $said->{'place-taken-out'},
        );
    }
}
