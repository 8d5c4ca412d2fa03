<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainNode;
use App\Chain\Cleaning;
use App\Chain\Refusal;
use App\Chain\Repository\CleaningRepository;
use App\Chain\Repository\RefusalRepository;
use App\Chain\Theory;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\Tie;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What the engine makes of a case, beside the analyst's chain: candidates, links to take or to refuse, what to look at next. */
final class ProposalController extends AbstractController
{
    /** So many looks are proposed. */
    private const LOOKS = 5;

    public function __construct(
        private readonly CaseGate $gate,
        private readonly CaseAnalysis $analysis,
        private readonly BookShelf $shelf,
        private readonly EntityManagerInterface $em,
        private readonly StoryTaker $taker,
        private readonly CaseChain $chains,
        private readonly Refusals $refusals,
        private readonly Leads $leads,
        private readonly Opinion $opinion,
        private readonly Closure $closure,
        private readonly CurrentPerson $person,
        private readonly KeptFigureRepository $kept,
        private readonly RefusalRepository $refusalRepository,
        private readonly CleaningRepository $cleanings,
    ) {
    }

    /** A part of the chain page that comes by itself, since it takes a moment. */
    #[Route('/cases/{number}/chain/candidates', name: 'chain_candidates', methods: ['GET'])]
    public function candidates(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $analysis = $this->analysis->of($case);
        $this->leads->note($case, $analysis);
        $all = $analysis->candidates(20);
        $told = Analysis::worthTelling(\array_slice($all, 0, 8));
        $shown = $this->shown($case, $all, (string) $request->query->get('show', ''));
        $book = $this->shelf->book($case->family);

        return $this->render('chain/_candidates.html.twig', [
            'case' => $case,
            'book' => $book,
            'analysis' => $analysis,
            'ground' => $analysis->ground,
            'candidates' => $told,
            'undetermined' => Analysis::isUndetermined($all),
            'single' => Analysis::singleStory($all),
            'well' => Analysis::isUndetermined($all) ? [] : $analysis->toldAsWell($told),
            'looks' => \array_slice($analysis->looks, 0, self::LOOKS),
            'shown' => $shown,
            'proposals' => null === $shown || $case->isSigned() || !$this->isGranted(Permission::ANALYSE)
                ? []
                : $this->taker->open($case, $analysis->ground, $shown),
            'modes' => $this->shelf->modes(),
            'mechanisms' => $this->shelf->mechanisms($case->family),
            'rates' => $this->analysis->rates($case),
            'origins' => $this->shelf->mechanismBook()->vocabulary->origins,
            'theories' => $this->analysis->theories($case, $analysis),
            'kept' => $this->kept->ofCase($case),
            'reach' => Reach::after($book, $analysis->ground),
            'cleaned' => $this->opinion->done($case),
            'refusals' => $this->refusals->of($case),
            'excluded' => $this->refusals->origins($case),
            'leads' => $this->leads->of($case),
            'problems' => $this->closure->of($case),
        ]);
    }

    /**
     * Whose story the drawing proposes: the one that was asked for, else the one that the analyst's chain starts from, else the first.
     *
     * @param list<Candidate> $all
     */
    private function shown(CaseFile $case, array $all, string $asked): ?Candidate
    {
        $own = array_map(static fn (ChainNode $node): ?string => $node->spot, $this->chains->nodes($case));
        $excluded = $this->refusals->origins($case);
        foreach (
            [
                static fn (Candidate $one): bool => $one->origin->id() === $asked,
                static fn (Candidate $one): bool => \in_array($one->origin->id(), $own, true),
            ] as $is
        ) {
            foreach ($all as $one) {
                if ($is($one)) {
                    return $one;
                }
            }
        }
        $open = array_values(
            array_filter($all, static fn (Candidate $one): bool => !isset($excluded[$one->origin->id()]) && [] !== $one->explains)
        );

        return Analysis::isUndetermined($all) ? null : $open[0] ?? null;
    }

    /** Somebody's claim, in words, with the condition that it means: it is scored as the others are. */
    #[Route('/cases/{number}/chain/theories', name: 'theory_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addTheory(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $words = self::text($request, 'words', 1000);
        $spot = (string) $request->request->get('spot', '');
        if ('' === $words || 'origin' !== ($this->analysis->ground($case)->spots[$spot]->kind ?? '')) {
            throw new ShopError('A theory is said in words, and with the condition that it means: choose one.', 422);
        }
        $this->em->persist(new Theory($case, $words, $spot, $this->person->get()->name));

        return $this->kept($case);
    }

    /** What a figure or a test says of a theory. */
    #[Route('/cases/{number}/chain/theories/{id}', name: 'theory_settle', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function settleTheory(string $number, Theory $theory, Request $request): Response
    {
        $case = $this->mine($number, $theory);
        $stands = match ($request->request->get('stands')) {
            'for' => true,
            'against' => false,
            default => null,
        };
        $because = self::text($request, 'because', 1000);
        if (null !== $stands && '' === $because) {
            throw new ShopError('Which figure or test says so, and what does it say? It stands in the answer.', 422);
        }
        [$theory->stands, $theory->because] = [$stands, $because];

        return $this->kept($case);
    }

    #[Route('/cases/{number}/chain/theories/{id}/remove', name: 'theory_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeTheory(string $number, Theory $theory): Response
    {
        $case = $this->mine($number, $theory);
        $this->em->remove($theory);

        return $this->kept($case);
    }

    /** The whole story of a candidate, or one link of it. */
    #[Route('/cases/{number}/chain/take', name: 'chain_take', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function take(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $analysis = $this->analysis->of($case);
        $link = (string) $request->request->get('link', '');
        $ties = '' !== $link
            ? $this->ties($analysis, $link)
            : $this->candidate($analysis, (string) $request->request->get('origin', ''))->story ?? [];
        if ([] === $ties) {
            throw new ShopError('What the finds speak for has changed meanwhile. Load the page again.', 409);
        }
        $this->taker->take($case, $analysis->ground, $ties, $this->person->get()->name);

        return $this->kept($case);
    }

    /** A link that did not happen here, or an origin that it was not; the reason stays with it. */
    #[Route('/cases/{number}/chain/refuse', name: 'chain_refuse', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function refuse(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $analysis = $this->analysis->of($case);
        $subject = (string) $request->request->get('subject', '');
        $reason = self::text($request, 'reason', 1000);
        if ('' === $reason) {
            throw new ShopError('Why is it refused? A few words: they stand with it, and in the report.', 422);
        }
        $spots = $analysis->ground->spots;
        $tie = $this->ties($analysis, $subject)[0] ?? null;
        $name = null !== $tie ? $spots[$tie->from]->name.' → '.$spots[$tie->to]->name : $this->candidate($analysis, $subject)->origin->name
            ?? throw new ShopError('What the finds speak for has changed meanwhile. Load the page again.', 409);
        if (null === $this->refusalRepository->ofSubject($case, $subject)) {
            $this->em->persist(new Refusal($case, $subject, mb_substr($name, 0, 400), $reason, $this->person->get()->name));
        }

        return $this->kept($case);
    }

    #[Route('/cases/{number}/chain/refusals/{id}/remove', name: 'chain_unrefuse', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function unrefuse(string $number, Refusal $refusal): Response
    {
        $case = $this->mine($number, $refusal);
        $this->em->remove($refusal);

        return $this->kept($case);
    }

    /** A place that debris reached is dealt with, or is not after all. */
    #[Route('/cases/{number}/chain/cleaning', name: 'chain_clean', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function clean(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = (string) $request->request->get('part', '');
        $known = $this->cleanings->ofPart($case, $part);
        if (null !== $known) {
            $this->em->remove($known);
        } elseif (isset($this->shelf->book($case->family)->parts[$part])) {
            $this->em->persist(new Cleaning($case, $part, $this->person->get()->name));
        }

        return $this->kept($case);
    }

    private function kept(CaseFile $case): Response
    {
        $this->em->flush();

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    private function mine(string $number, Theory|Refusal $one): CaseFile
    {
        $case = $this->gate->open($number, Permission::ANALYSE);

        return $one->case === $case ? $case : throw $this->createNotFoundException();
    }

    private function candidate(Analysis $analysis, string $origin): ?Candidate
    {
        foreach ($analysis->candidates(20) as $one) {
            if ($one->origin->id() === $origin) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<Tie> the link of this key; none where there is no such link any more */
    private function ties(Analysis $analysis, string $key): array
    {
        return array_values(array_filter($analysis->ground->ties, static fn (Tie $tie): bool => $tie->key() === $key));
    }

    private static function text(Request $request, string $field, int $most): string
    {
        return mb_substr(trim((string) $request->request->get($field, '')), 0, $most);
    }
}
