<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** A piece of a kit without a sheet, or how many of it went in. */
final readonly class KitPieceInput
{
    public string $kit;
    public string $piece;
    public string $count;
    public string $used;
    public string $why;

    public function __construct(string $kit = '', string $piece = '', string $count = '', string $used = '', string $why = '')
    {
        $this->kit = Words::of($kit, 120);
        $this->piece = Words::of($piece, 120);
        $this->count = Words::of($count, 10);
        $this->used = Words::of($used, 10);
        $this->why = Words::of($why, 300);
    }

    /** @return array<string, string> as it was typed, to be shown again */
    public function typed(): array
    {
        return ['kit' => $this->kit, 'piece' => $this->piece, 'count' => $this->count, 'used' => $this->used, 'why' => $this->why];
    }
}
