<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** The next piece of a stack, as it lay. */
final readonly class StackInput
{
    public string $what;
    public string $place;
    public string $colour;
    public string $thickness;

    public function __construct(string $what = '', string $place = '', string $colour = '', string $thickness = '')
    {
        $this->what = Words::of($what, 120);
        $this->place = Words::of($place, 60);
        $this->colour = Words::of($colour, 60);
        $this->thickness = Words::of($thickness, 40);
    }
}
