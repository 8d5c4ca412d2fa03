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
use App\Platform\ShopError;
use Doctrine\DBAL\Connection;
use Japhrex\Core\Memory\Likeness\Traits;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Contracts\Service\ResetInterface;

/** Keeps the memory of the shop in step with the cases: what has changed is remembered anew. */
final class Remember implements ResetInterface
{
    /** So many at once before a page is shown; more are left to the worker. */
    private const AT_ONCE = 20;

    /** @var list<string> ids of cases that were remembered since somebody looked */
    private array $unwatched = [];

    /** @param iterable<Remembers> $parts */
    public function __construct(
        #[AutowireIterator(Remembers::TAG)] private readonly iterable $parts,
        private readonly CaseFileRepository $cases,
        private readonly MemoryRepository $memory,
        private readonly CaseTraits $traits,
        private readonly RateRepository $rates,
        private readonly Watch $watch,
        private readonly LoggerInterface $log,
        private readonly Connection $database,
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
                $this->one($case);
            }
            $gone = array_diff($ids, array_map(static fn (CaseFile $case): string => (string) $case->id, $there));
            if ([] !== $gone) {
                $this->memory->forget(array_values($gone));
            }
            $this->rates->move($counted, $this->rates->counted($ids));

            array_push($this->unwatched, ...array_values(array_diff($ids, $gone)));

            return \count($ids);
        });
    }

    /** Looks whether what was remembered happens more often than it did: after the answer, since it takes longer than a page may. */
    public function watch(): void
    {
        [$cases, $this->unwatched] = [$this->unwatched, []];
        $this->watch->after($cases);
    }

    public function reset(): void
    {
        $this->unwatched = [];
    }

    /** What cannot be told of a case, as where its book was set aside, is left out: the others are found all the same. */
    private function one(CaseFile $case): void
    {
        $memory = new Remembered();
        $memory->waits = $case->stage->value;
        $memory->stands = $case->stage->label();
        $traits = new Traits([]);
        foreach ($this->parts as $part) {
            $this->orLog($case, static fn () => $part->remember($case, $memory));
        }
        $this->orLog($case, function () use ($case, $memory, &$traits): void {
            $traits = $this->traits->of($case, $memory);
        });
        $this->memory->keep($case, $memory, $traits);
    }

    /** @param \Closure(): void $does */
    private function orLog(CaseFile $case, \Closure $does): void
    {
        try {
            $does();
        } catch (ShopError|\DomainException $error) {
            $this->log->warning('Of {case} not all is remembered: {why}', ['case' => $case->number, 'why' => $error->getMessage()]);
        }
    }
}
