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

    /**
     * @param \DateTimeImmutable|null $at as they stood then; null: now
     *
     * @return array<string, ShopLimit> by `part/field`
     */
    public function of(string $family, ?\DateTimeImmutable $at = null): array
    {
        $limits = [];
        foreach ($this->em->getRepository(ShopLimit::class)->findBy(['family' => $family] + (null === $at ? ['endedAt' => null] : []), ['id' => 'ASC']) as $limit) {
            if (null === $at || ($limit->madeAt <= $at && (null === $limit->endedAt || $limit->endedAt > $at))) {
                $limits[$limit->part.'/'.$limit->field] = $limit;
            }
        }

        return $limits;
    }
}
