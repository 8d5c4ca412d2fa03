<?php

declare(strict_types=1);

namespace App\Laboratory\Form;

use App\Laboratory\LabKind;
use App\Platform\Day;
use App\Platform\Words;

/** What is sent to a laboratory. */
final readonly class OrderInput
{
    public string $sample;
    public string $taken;
    public string $laboratory;
    public string $sent;

    public function __construct(
        public LabKind $kind = LabKind::Fluid,
        public string $part = '',
        string $sample = '',
        string $taken = '',
        string $laboratory = '',
        string $sent = '',
        public string $dueOn = '',
    ) {
        $this->sample = Words::of($sample, 200);
        $this->taken = Words::of($taken, 120);
        $this->laboratory = Words::of($laboratory, 120);
        $this->sent = Words::of($sent, 200);
    }

    /** @throws \App\Platform\ShopError if that is no day */
    public function due(): ?\DateTimeImmutable
    {
        return Day::orNone($this->dueOn);
    }
}
