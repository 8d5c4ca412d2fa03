<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** Which of several sources of a limit counts, and why; none: the tighter does. */
final readonly class LimitChoiceInput
{
    public string $reason;

    public function __construct(
        public string $chosen = '',
        string $reason = '',
    ) {
        $this->reason = Words::of($reason, 300);
    }
}
