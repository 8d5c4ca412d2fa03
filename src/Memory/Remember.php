<?php

declare(strict_types=1);

namespace App\Memory;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\Remembers;
use App\Intake\Repository\CaseFileRepository;
use App\Memory\Alike\CaseTraits;
use App\Memory\Repository\MemoryRepository;
use App\Memory\Repository\RateRepository;
use App\Memory\Warn\Watch;
use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** Keeps the memory of the shop in step with the cases: what has changed is remembered anew. */
final readonly class Remember
{
    /** So many at once before a page is shown; more are left to the worker. */
    private const AT_ONCE = 20;

    /** @param iterable<Remembers> $parts */
    public function __construct(
        #[AutowireIterator(Remembers::TAG)] private iterable $parts,
        private CaseFileRepository $cases,
        private MemoryRepository $memory,
        private CaseTraits $traits,
        private RateRepository $rates,
        private Watch $watch,
        private Connection $database,
    ) {
    }

    /** @return int how many cases were remembered anew */
    public function due(int $most = self::AT_ONCE): int
    {
        return $this->database->transactional(function () use ($most): int {
            $ids = $this->memory->takeDue($most);
            $counted = $this->rates->counted($ids);
            $there = [] === $ids ? [] : $this->cases->findBy(['id' => $ids]);
            foreach ($there as $case) {
                $memory = $this->of($case);
                $this->memory->keep($case, $memory, $this->traits->of($case, $memory));
            }
            $gone = array_diff($ids, array_map(static fn (CaseFile $case): string => (string) $case->id, $there));
            if ([] !== $gone) {
                $this->memory->forget(array_values($gone));
            }
            $this->rates->move($counted, $this->rates->counted($ids));
            $this->watch->after(array_values(array_diff($ids, $gone)));

            return \count($ids);
        });
    }

    private function of(CaseFile $case): Remembered
    {
        $memory = new Remembered();
        foreach ($this->parts as $part) {
            $part->remember($case, $memory);
        }
        $memory->weighCure();

        return $memory;
    }
}
