<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use App\Memory\Repository\WarningRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Memory\Warning\WarningRule;

/** Looks, as cases are signed, whether what they show happens more often than it did. */
final readonly class Watch
{
    public function __construct(private WarningRepository $warnings, private EntityManagerInterface $entityManager)
    {
    }

    /** @param list<string> $cases ids of cases that were remembered anew */
    public function after(array $cases): void
    {
        $charts = [] === $cases ? [] : $this->warnings->charts($cases);
        $rule = [] === $charts ? null : new WarningRule($this->warnings->looks());
        $isWarned = false;
        foreach ($charts as $chart) {
            if (true === $rule?->warns($chart->count)) {
                $isWarned = true;
                $this->entityManager->persist(
                    new Warning($chart->family, $chart->by, $chart->value, $chart->what, $chart->thing, $chart->count),
                );
            }
        }
        $isWarned && $this->entityManager->flush();
    }
}
