<?php

declare(strict_types=1);

namespace App\Identity\Form;

use App\Platform\Words;

/** The model that is taken, and why. */
final readonly class ModelInput
{
    public string $because;

    public function __construct(public string $model = '', string $because = '')
    {
        $this->because = Words::of($because, 200);
    }
}
