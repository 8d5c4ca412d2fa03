<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\CaseChain;
use App\Chain\ChainNode;
use App\Chain\Engine\Closure;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Frame\CasePages;
use App\Verdict\Form\AnswerType;
use App\Verdict\Form\VerdictType;
use App\Verdict\Repository\VerdictRepository;
use App\Verdict\Warranty\Policies;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Verdict\Responsibility;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;

/** What the page of the verdict shows, and its forms. */
final readonly class VerdictPage
{
    public function __construct(
        private CaseChain $chains,
        private Closure $closure,
        private Signing $signing,
        private Missing $missing,
        private FormFactoryInterface $forms,
        private CasePages $pages,
        private VerdictRepository $verdicts,
        private Policies $policies,
    ) {
    }

    /**
     * @param FormInterface<mixed>|null $submitted what did not hold
     * @param array<mixed>|null $reasons as typed, for points that may stay open
     * @param array{
     *     of: string, percent: array<string, string>, links: array<string, list<string>>,
     * }|null $shares as typed; of: the complaint, empty for the verdict's own
     */
    public function show(CaseFile $case, ?FormInterface $submitted = null, ?array $reasons = null, ?array $shares = null): Response
    {
        $verdict = $this->signing->current($case);
        // In what is signed nothing is asked and nothing is missing any more.
        $form = $case->isSigned() ? null : $this->form($verdict);
        $answers = [];
        foreach ($verdict->explained() as $one) {
            $key = (string) $one->own()?->id;
            $answers[] = [
                'for' => $one, 'key' => $key, 'stale' => !$case->isSigned()
                    && $this->missing->sharesAreStale($one->by), 'links' => $this->chains->links($case, $one->about()),
                'typed' => $key === ($shares['of'] ?? null)
                    ? $shares
                    : [
                        'percent' => array_column($one->by->shares, 'percent', 'who'),
                        'links' => array_column($one->by->shares, 'links', 'who'),
                    ],
                'open' => $key === ($shares['of'] ?? null),
            ];
        }

        return $this->pages->show($case, 'verdict/verdict.html.twig', [
            'verdict' => $verdict,
            'form' => (null !== $submitted && $form?->getName() === $submitted->getName() ? $submitted : $form)?->createView(),
            'own' => $this->own($verdict, $submitted),
            'answers' => $answers,
            'missing' => $case->isSigned() ? [] : $this->missing->missingFrom($verdict),
            'changed' => $this->signing->changedSince($verdict),
            'problems' => $case->isSigned() ? [] : $this->closure->problemsOf($case),
            'reasons' => $reasons ?? [],
            'carriers' => Responsibility::cases(),
            'warranties' => $this->policies->each($case),
            'revisions' => $this->verdicts->revisions($case),
        ], null === $submitted && null === $reasons && null === $shares ? 200 : 422);
    }

    /** @return FormInterface<mixed> */
    public function form(Verdict $verdict): FormInterface
    {
        return $this->forms->createNamed('verdict', VerdictType::class, $verdict, ['origins' => $this->origins($verdict)]);
    }

    /** @return FormInterface<mixed> for the answer to one complaint that has an origin of its own */
    public function ownForm(OwnAnswer $answer): FormInterface
    {
        return $this->forms->createNamed(
            'own_'.substr(md5((string) $answer->complaint->id), 0, 8),
            AnswerType::class,
            $answer,
            ['origins' => $this->origins($answer->verdict)],
        );
    }

    /**
     * Every complaint that may have an origin of its own: all but the first, which is the verdict's.
     *
     * @param FormInterface<mixed>|null $submitted
     *
     * @return list<array{complaint: Complaint, answer: OwnAnswer|null, form: \Symfony\Component\Form\FormView}>
     */
    private function own(Verdict $verdict, ?FormInterface $submitted): array
    {
        $rows = [];
        foreach ($verdict->case->complaints as $complaint) {
            $answer = $verdict->ownOf($complaint);
            if (null !== $answer || $complaint !== $verdict->case->complaints->first()) {
                $form = $this->ownForm($answer ?? new OwnAnswer($verdict, $complaint));
                $rows[] = [
                    'complaint' => $complaint,
                    'answer' => $answer,
                    'form' => ($form->getName() === $submitted?->getName() ? $submitted : $form)->createView(),
                ];
            }
        }

        return $rows;
    }

    /** @return list<ChainNode> */
    private function origins(Verdict $verdict): array
    {
        return array_values(
            array_filter($this->chains->nodes($verdict->case), static fn (ChainNode $node): bool => NodeKind::Origin === $node->kind)
        );
    }
}
