<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Uid\Uuid;

/** Audited, and part of the case in its property `case`. */
trait OfACase
{
    public function auditCase(): Uuid
    {
        return $this->case->id;
    }
}
