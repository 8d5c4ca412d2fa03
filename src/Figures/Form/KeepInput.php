<?php

declare(strict_types=1);

namespace App\Figures\Form;

use App\Platform\Words;

/** A figure that is kept with a case, as it was asked. */
final readonly class KeepInput
{
    public string $remark;
    public string $claim;

    public function __construct(
        public string $part = '',
        /** @var array<mixed> */
        public array $typed = [],
        string $remark = '',
        string $claim = '',
    ) {
        $this->remark = Words::of($remark, 300);
        $this->claim = Words::of($claim, 80);
    }
}
