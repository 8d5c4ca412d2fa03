<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\PhotoStage;
use App\Platform\Words;

/** What a clip shows, and what is said in it. */
final readonly class ClipInput
{
    public string $caption;

    public string $said;

    public function __construct(
        public string $part = '',
        public string $stage = '',
        public string $finding = '',
        public string $seen = '',
        public string $photo = '',
        string $caption = '',
        string $said = '',
    ) {
        $this->caption = Words::of($caption, 200);
        $this->said = Words::of($said, 4000);
    }

    public function stage(PhotoStage $else = PhotoStage::AsFound): PhotoStage
    {
        return PhotoStage::tryFrom($this->stage) ?? $else;
    }
}
