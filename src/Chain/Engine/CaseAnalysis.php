<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Books\BookShelf;
use App\Chain\Repository\TheoryRepository;
use App\Chain\Theory;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\BaseRates;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Family\Book;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** The engine on a case. */
final readonly class CaseAnalysis
{
    /** Seconds. */
    private const KEPT = 86400;

    public function __construct(
        private CaseFacts $facts,
        private BookShelf $shelf,
        private CacheInterface $cache,
        private TheoryRepository $theories,
        private SeenOrigins $seen,
        private KeptOfCase $kept,
        private string $projectDir,
    ) {
    }

    /** Of the engine itself: an answer that an older one kept is none of this one's. */
    private function engine(): string
    {
        $files = glob($this->projectDir.'/core/Chain/{Ground,Inference,Mechanism}/*.php', \GLOB_BRACE) ?: [];

        return implode(' ', array_map(static fn (string $file): string => (string) filemtime($file), $files));
    }

    /** @param bool $byBook by the book alone, without what this shop has seen */
    public function ground(CaseFile $case, bool $byBook = false): Ground
    {
        $mechanisms = $this->shelf->mechanismBook($case->family);

        return (
            new Grounding(
                $this->shelf->book($case->family, $case->is()),
                $this->shelf->modes(),
                $mechanisms->mechanisms,
                $mechanisms->vocabulary,
                $byBook ? null : $this->rates($case),
            )
        )->ground($this->facts->factsOf($case));
    }

    /** What the shop's closed cases make of the book's rates; the case itself does not speak for itself. */
    public function rates(CaseFile $case): BaseRates
    {
        return BaseRates::of($this->shelf->vocabulary(), ...$this->seen->levels($case));
    }

    /**
     * Kept until something in the case or in its book changes, or the shop's own rates move by a step: one more signature seldom does.
     *
     * @param bool $byBook by the book alone, without what this shop has seen
     */
    public function analysisOf(CaseFile $case, bool $byBook = false): Analysis
    {
        $key = $this->kept->of($case, $byBook ? 'analysis by the book' : 'analysis', function () use ($case, $byBook): string {
            $rates = $byBook ? [] : $this->rates($case)->steps();
            $asked = [$this->engine(), $this->books($case), $this->facts->factsOf($case), $this->facts->minutes($case), $rates];
            $key = 'analysis.'.hash('sha256', serialize($asked));
            $byBook || $this->isLast($case, $key);

            return $key;
        });

        return $this->cache->get($key, function (ItemInterface $item) use ($case, $byBook): Analysis {
            $item->expiresAfter(self::KEPT);

            return Analysis::of($this->ground($case, $byBook), $this->facts->minutes($case));
        });
    }

    /** @return list<Reached> where debris of the case went */
    public function reach(CaseFile $case): array
    {
        return $this->kept->of(
            $case, 'reach', fn (): array => Reach::after($this->shelf->book($case->family, $case->is()), $this->ground($case)),
        );
    }

    /** The answer under this key is the last of the case. */
    private function isLast(CaseFile $case, string $key): void
    {
        if ($key !== $this->lastKey($case)) {
            $this->cache->delete($this->last($case));
            $this->cache->get($this->last($case), static function (ItemInterface $last) use ($key): string {
                $last->expiresAfter(self::KEPT);

                return $key;
            });
        }
    }

    /**
     * The last answer that was worked out for a case, whatever was found since: for what must come at once and is no judgement of the
     * evidence. Where there is none yet it is worked out now.
     */
    public function lastAnalysisOf(CaseFile $case): Analysis
    {
        $analysis = $this->cache->get($this->lastKey($case), static function (ItemInterface $item, bool &$save): ?Analysis {
            $save = false;

            return null;
        });

        return $analysis ?? $this->analysisOf($case);
    }

    /** @return string under which the last answer is kept, if there is one */
    private function lastKey(CaseFile $case): string
    {
        return $this->cache->get($this->last($case), static function (ItemInterface $item, bool &$save): string {
            $save = false;

            return 'analysis.none';
        });
    }

    private function last(CaseFile $case): string
    {
        return 'analysis.last.'.$case->id.'.'.hash('sha256', serialize([$this->engine(), $this->books($case)]));
    }

    /** @return array{Book, MechanismBook} the book and the mechanisms with it: a shop changes its own, and the words it uses */
    private function books(CaseFile $case): array
    {
        return [$this->shelf->book($case->family, $case->is()), $this->shelf->mechanismBook($case->family)];
    }

    /**
     * @param list<Candidate> $candidates those first that did most
     *
     * @return list<AnsweredTheory>
     */
    public function theories(CaseFile $case, Analysis $analysis, array $candidates): array
    {
        return array_map(
            static fn (Theory $one): AnsweredTheory => AnsweredTheory::of($one, $analysis, $candidates),
            $this->theories->ofCase($case),
        );
    }
}
