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
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Outcome;
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
        return $this->cache->get($this->key($case, $byBook), function (ItemInterface $item) use ($case, $byBook): Analysis {
            $item->expiresAfter(self::KEPT);

            return Analysis::of($this->ground($case, $byBook), $this->facts->minutes($case));
        });
    }

    /**
     * What a page tells of it, kept as long.
     *
     * @param bool $byBook by the book alone, without what this shop has seen
     */
    public function outcomeOf(CaseFile $case, bool $byBook = false): Outcome
    {
        $key = 'outcome.'.$this->key($case, $byBook);

        return $this->cache->get($key, function (ItemInterface $item) use ($case, $byBook): Outcome {
            $item->expiresAfter(self::KEPT);

            return Outcome::of($this->analysisOf($case, $byBook), $this->shelf->book($case->family, $case->is()));
        });
    }

    private function key(CaseFile $case, bool $byBook): string
    {
        return $this->kept->of($case, $byBook ? 'analysis by the book' : 'analysis', function () use ($case, $byBook): string {
            $rates = $byBook ? [] : $this->rates($case)->steps();
            $asked = [$this->engine(), $this->books($case), $this->facts->factsOf($case), $this->facts->minutes($case), $rates];
            $key = 'analysis.'.hash('sha256', serialize($asked));
            $byBook || $this->isLast($case, $key);

            return $key;
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

    /** @return list<AnsweredTheory> */
    public function theories(CaseFile $case, bool $byBook = false): array
    {
        $theories = $this->theories->ofCase($case);
        $answers = [] === $theories ? [] : $this->kept->of(
            $case,
            $byBook ? 'theories by the book' : 'theories',
            function () use ($case, $theories, $byBook): array {
                $analysis = $this->analysisOf($case, $byBook);
                $candidates = $this->outcomeOf($case, $byBook)->candidates;

                return array_map(
                    static fn (Theory $one): TheoryAnswered => TheoryAnswered::of($one, $analysis, $candidates), $theories,
                );
            },
        );

        return array_map(
            static fn (Theory $one, TheoryAnswered $answer): AnsweredTheory => new AnsweredTheory($one, $answer->answer, $answer->sentence),
            $theories,
            $answers,
        );
    }
}
