<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use Japhrex\Core\Damage\Disposition;

/** A part then and now. */
final readonly class ComebackRow
{
    /**
     * @param ?int $then worst grade of damage then; null: nobody looked
     * @param ?Disposition $became what became of it then
     * @param ?int $now worst grade of damage now; null: nobody looked
     */
    public function __construct(public string $part, public ?int $then, public ?Disposition $became, public ?int $now)
    {
    }
}
