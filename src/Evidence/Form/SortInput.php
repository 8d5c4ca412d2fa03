<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\PhotoStage;

/** Where pictures of the tray belong, or how much the clock of their camera was ahead. */
final readonly class SortInput
{
    public function __construct(
        /** @var array<mixed> */
        public array $photos = [],
        public string $part = '',
        public string $stage = '',
        public int $ahead = 0,
    ) {
    }

    public function stage(PhotoStage $else = PhotoStage::AsFound): PhotoStage
    {
        return PhotoStage::tryFrom($this->stage) ?? $else;
    }
}
