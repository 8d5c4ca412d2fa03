<?php

declare(strict_types=1);

namespace App\Measuring;

use Doctrine\ORM\EntityManagerInterface;

/** The limits that the shop entered for itself. */
final readonly class ShopLimits
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return array<string, ShopLimit> by `part/field` */
    public function of(string $family): array
    {
        $limits = [];
        foreach ($this->em->getRepository(ShopLimit::class)->findBy(['family' => $family]) as $limit) {
            $limits[$limit->part.'/'.$limit->field] = $limit;
        }

        return $limits;
    }
}
