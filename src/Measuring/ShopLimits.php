<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Measuring\Repository\ShopLimitRepository;

/** The limits that the shop entered for itself. */
final readonly class ShopLimits
{
    public function __construct(private ShopLimitRepository $limits)
    {
    }

    /**
     * @param \DateTimeImmutable|null $at as they stood then; null: now
     *
     * @return array<string, ShopLimit> by `part/field`
     */
    public function inForce(string $family, ?\DateTimeImmutable $at = null): array
    {
        $limits = [];
        foreach ($this->limits->ofFamily($family) as $limit) {
            if ($limit->heldAt($at)) {
                $limits[$limit->part.'/'.$limit->field] = $limit;
            }
        }

        return $limits;
    }
}
