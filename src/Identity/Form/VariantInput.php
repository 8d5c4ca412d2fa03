<?php

declare(strict_types=1);

namespace App\Identity\Form;

use App\Platform\Words;

/** Which variant a unit is, and by what that was told. */
final readonly class VariantInput
{
    public string $because;

    public function __construct(public string $choice = '', public string $is = '', string $because = '')
    {
        $this->because = Words::of($because, 200);
    }
}
