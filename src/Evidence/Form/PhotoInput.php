<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\PhotoStage;
use App\Platform\Words;

/** What a photo shows. */
final readonly class PhotoInput
{
    public string $caption;

    public function __construct(
        public string $part = '',
        public string $stage = '',
        public string $seen = '',
        string $caption = '',
    ) {
        $this->caption = Words::of($caption, 200);
    }

    public function stage(PhotoStage $else = PhotoStage::AsFound): PhotoStage
    {
        return PhotoStage::tryFrom($this->stage) ?? $else;
    }
}
