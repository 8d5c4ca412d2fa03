<?php

declare(strict_types=1);

namespace App\Measuring;

use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Measuring\Gauging;

/** The zero checks of the last two hours. */
final readonly class ZeroChecks
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return array<string, ZeroCheck> the last of each gauge that still holds, by gauge id */
    public function holding(\DateTimeImmutable $at = new \DateTimeImmutable()): array
    {
        $checks = $this->em->createQuery('SELECT z FROM '.ZeroCheck::class.' z WHERE z.madeAt > :since ORDER BY z.madeAt ASC, z.id ASC')
            ->setParameter('since', $at->modify('-'.Gauging::ZERO_HOLDS.' seconds'))->getResult();
        $holding = [];
        foreach ($checks as $check) {
            \assert($check instanceof ZeroCheck);
            $holding[(string) $check->gauge->id] = $check;
        }

        return $holding;
    }
}
