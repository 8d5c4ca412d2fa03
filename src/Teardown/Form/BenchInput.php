<?php

declare(strict_types=1);

namespace App\Teardown\Form;

use App\Platform\Words;

/** Something that lies ready, and whose it is. */
final readonly class BenchInput
{
    public string $item;
    public string $lentBy;

    /** @param string $to key of the last step that is wanted: the page that is gone back to */
    public function __construct(string $item = '', string $lentBy = '', public string $backOn = '', public string $to = '')
    {
        $this->item = Words::of($item, 160);
        $this->lentBy = Words::of($lentBy, 120);
    }
}
