<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Books\BookShelf;
use App\Chain\Lead;
use App\Chain\Refusal;
use App\Chain\Repository\CleaningRepository;
use App\Figures\FigureTwig;
use App\Figures\KeptFigure;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Chain\Ground\Shortlist;

/**
 * What the engine says of a case, in words: for the report, and to be kept with the signature.
 *
 * @phpstan-type OpinionData array{
 *     candidates: list<array{
 *         name: string, share: float, did?: float, sure?: float, explains: int, of: int, leaves: list<string>, against: list<string>,
 *         refused: string|null,
 *     }>,
 *     undetermined: bool, single?: string|null, complaints: list<array{name: string, by: list<string>}>,
 *     theories: list<array{words: string, by: string, answer: string, figures: list<string>}>,
 *     reach: list<array{part: string, do: string, done: string}>,
 *     leads: list<array{name: string, share: float, because: string, at: string}>,
 *     refused: list<array{name: string, reason: string, by: string, at: string}>, conditions: int, seen: int, method: string,
 * }
 */
final readonly class Opinion
{
    public function __construct(
        private CaseAnalysis $analysis,
        private BookShelf $shelf,
        private Leads $leads,
        private Refusals $refusals,
        private SignedOpinion $signed,
        private KeptFigureRepository $kept,
        private CleaningRepository $cleanings,
        private KeptOfCase $untilChanged,
    ) {
    }

    /**
     * As it was signed; while the case is open, as it is now.
     *
     * @return OpinionData
     */
    public function opinionOn(CaseFile $case): array
    {
        return $this->signed->opinionAsSigned($case) ?? $this->untilChanged->of($case, 'opinion', fn (): array => $this->now($case));
    }

    /** @return OpinionData */
    public function now(CaseFile $case): array
    {
        $analysis = $this->analysis->analysisOf($case);
        $ground = $analysis->ground;
        $candidates = $analysis->candidates();
        $told = Shortlist::worthTelling($candidates);
        $excluded = $this->refusals->origins($case);
        $kept = $this->kept->ofCase($case);
        $done = $this->done($case);
        $book = $this->shelf->book($case->family, $case->is());

        return [
            'candidates' => array_map(static fn (Candidate $one): array => [
                'name' => $one->origin->name, 'share' => round(
                    $one->posterior,
                    4,
                ), 'did' => round($one->part, 4), 'sure' => round($one->said, 4),
                'explains' => \count($one->explains), 'of' => \count($one->explains) + \count($one->leaves),
                'leaves' => self::names(
                    $ground,
                    $one->leaves,
                ), 'against' => self::against($ground, $one), 'refused' => $excluded[$one->origin->id()]
                    ?? null,
            ], $told),
            'undetermined' => Shortlist::isUndetermined($candidates),
            'single' => Shortlist::singleStory($candidates)?->origin->name,
            'complaints' => self::complaints($ground, $told),
            'theories' => array_map(fn (AnsweredTheory $one): array => [
                'words' => $one->theory->words, 'by' => $one->theory->byWhom,
                'answer' => $one->sentence,
                'figures' => null === $one->answer ? [] : $this->figures($kept, $one->answer),
            ], $this->analysis->theories($case)),
            'reach' => array_map(
                static fn (Reached $one): array => [
                    'part' => $book->parts[$one->part]->name,
                    'do' => $one->do->words(),
                    'done' => $done[$one->part] ?? '',
                ],
                Reach::after($book, $ground),
            ),
            'leads' => array_map(
                static fn (Lead $one): array => [
                    'name' => $one->name,
                    'share' => round($one->share, 4),
                    'because' => $one->because,
                    'at' => $one->madeAt->format(\DATE_ATOM),
                ],
                $this->leads->ofCase($case),
            ),
            'refused' => array_map(
                static fn (Refusal $one): array => [
                    'name' => $one->name,
                    'reason' => $one->reason,
                    'by' => $one->byWhom,
                    'at' => $one->madeAt->format(\DATE_ATOM),
                ],
                $this->refusals->ofCase($case),
            ),
            'conditions' => \count($ground->spots), 'seen' => \count($ground->seen), 'method' => $analysis->answer->method,
        ];
    }

    /** @return array<string, string> part => by whom and when it was dealt with */
    public function done(CaseFile $case): array
    {
        $done = [];
        foreach ($this->cleanings->ofCase($case) as $one) {
            $done[$one->part] = $one->byWhom.', '.$one->madeAt->format('j M Y H:i');
        }

        return $done;
    }

    /**
     * Figures kept for the part that a theory means, or, where it means none, for any.
     *
     * @param list<KeptFigure> $kept
     *
     * @return list<string>
     */
    private function figures(array $kept, Candidate $theory): array
    {
        $part = $theory->origin->part();
        $words = [];
        foreach (array_filter($kept, static fn (KeptFigure $one): bool => null === $part || $one->part === $part) as $one) {
            $words[] = $one->question.' '.implode(
                ', ',
                array_map(
                    static fn (string $name, array $result): string => FigureTwig::label($name).' '.FigureTwig::kept($result),
                    array_keys(\array_slice($one->results, 0, 3)),
                    \array_slice($one->results, 0, 3),
                ),
            ).('' === $one->remark ? '' : '. '.$one->remark);
        }

        return \array_slice($words, 0, 3);
    }

    /**
     * Each complaint has its own path: which candidates explain it.
     *
     * @param list<Candidate> $told
     *
     * @return list<array{name: string, by: list<string>}>
     */
    private static function complaints(Ground $ground, array $told): array
    {
        $complaints = [];
        foreach ($ground->seen as $id => $evidence) {
            if ('complaint' === $ground->spots[$id]->kind) {
                $by = array_filter($told, static fn (Candidate $one): bool => \in_array($id, $one->explains, true));
                $complaints[] = [
                    'name' => $ground->spots[$id]->name,
                    'by' => array_values(
                        array_map(
                            static fn (Candidate $one): string => \sprintf(
                                '%s (%d %%)',
                                lcfirst($one->origin->name),
                                round(100 * $one->posterior),
                            ),
                            $by,
                        )
                    ),
                ];
            }
        }

        return $complaints;
    }

    /** @return list<string> */
    private static function against(Ground $ground, Candidate $one): array
    {
        return array_map(
            static fn (string $id): string => lcfirst($ground->spots[$id]->name).', '.$ground->seen[$id]->said,
            $one->contradicts,
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private static function names(Ground $ground, array $ids): array
    {
        return array_map(static fn (string $id): string => lcfirst($ground->spots[$id]->name), $ids);
    }
}
