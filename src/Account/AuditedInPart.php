<?php

declare(strict_types=1);

namespace App\Account;

/** Something of which only some fields are worth keeping in the trail: the rest says how far the program is with it. */
interface AuditedInPart extends Audited
{
    /** @return list<string> */
    public function auditFields(): array;
}
