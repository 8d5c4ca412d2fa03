<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\PhotoStage;

/** A photo or a clip that is sent, in one piece or in several. */
final readonly class UploadInput
{
    public function __construct(
        public string $part = '',
        public string $stage = '',
        public string $upload = '',
        public int $bytes = 0,
        public string $name = 'photo',
        public int $clock = 0,
        public string $clip = '',
        public float $second = 0.0,
    ) {
    }

    public function stage(PhotoStage $else = PhotoStage::AsFound): PhotoStage
    {
        return PhotoStage::tryFrom($this->stage) ?? $else;
    }
}
