<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\Uid\Uuid;

/** Something whose every change is kept. */
interface Audited
{
    /** The case it belongs to. */
    public function auditCase(): ?Uuid;

    /** What it is, in the shop's words: "Reading", "Finding on Front bearing block". */
    public function auditName(): string;
}
