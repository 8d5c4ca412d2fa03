<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Claims\Form\ClaimType;
use App\Claims\Repository\ClaimPapersRepository;
use App\Claims\Repository\ClaimRepository;
use App\Intake\CaseGate;
use App\Intake\Complaint;
use App\Intake\FormAnswer;
use App\Platform\ShopError;
use App\Report\ReportState;
use App\Verdict\Explained;
use App\Verdict\Signing;
use App\Verdict\Warranty\Policies;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A claim is drafted, sent with its papers, and followed until it is settled. It goes on after the case is signed. */
final class ClaimController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly Claims $claims,
        private readonly CurrentPerson $person,
        private readonly FormFactoryInterface $forms,
        private readonly ClaimPapersRepository $papers,
        private readonly ClaimRepository $claimRepository,
    ) {
    }

    #[Route('/claims', name: 'claims', methods: ['GET'])]
    public function all(): Response
    {
        return $this->render(
            'claims/claims.html.twig',
            ['open' => $this->claims->open(), 'over' => $this->claims->over(), 'today' => now('today')],
        );
    }

    #[Route('/cases/{number}/claims', name: 'claim_draft', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function draft(string $number, Request $request, Policies $policies, Signing $signing): Response
    {
        $case = $this->gate->find($number);
        $of = (string) $request->request->get('complaint', '');
        $complaint = $case->complaints->findFirst(static fn (int $i, Complaint $one): bool => (string) $one->id === $of);
        $about = array_values(
            array_filter($signing->current($case)->explained(), static fn (Explained $one): bool => $one->own() === $complaint)
        )[0] ?? null;
        $judged = $policies->one($case, (string) $request->request->get('policy', ''), $about) ?? throw new ShopError(
            'That policy is not in force for this unit. Choose one of those on the warranty page.',
            422,
        );
        $this->em->persist($claim = $this->claims->draft($case, $judged, $this->person->get()->name, $about?->own()));
        $this->em->flush();

        return $this->to($claim);
    }

    #[Route('/cases/{number}/claims/{nr}', name: 'claim', requirements: ['nr' => '\d+'], methods: ['GET'])]
    public function show(string $number, int $nr): Response
    {
        return $this->page($this->find($number, $nr));
    }

    #[Route('/cases/{number}/claims/{nr}', name: 'claim_save', requirements: ['nr' => '\d+'], methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    public function save(string $number, int $nr, Request $request, FormAnswer $answer): Response
    {
        $claim = $this->find($number, $nr);
        if (!$claim->mayBeWritten()) {
            throw new ShopError(\sprintf('The claim is %s; what was sent stays as it was sent.', $claim->state()->label()), 409);
        }
        $form = $this->form($claim);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($claim, $form, 422);
        }
        $this->em->flush();

        return $answer->saved($request, $claim->case, $this->form($claim), 'claim', ['nr' => (string) $nr]);
    }

    #[Route('/cases/{number}/claims/{nr}/move', name: 'claim_move', requirements: ['nr' => '\d+'], methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function move(string $number, int $nr, Request $request): Response
    {
        $claim = $this->find($number, $nr);
        $typed = array_map(
            static fn (string $name): string => mb_substr(trim((string) $request->request->get($name, '')), 0, 2000),
            ['state' => 'state', 'day' => 'day', 'words' => 'words', 'amount' => 'amount', 'answerBy' => 'answerBy'],
        );
        try {
            $step = new ClaimStep(
                ClaimState::tryFrom($typed['state']) ?? throw new \DomainException('What happened? Choose one of the steps.'),
                self::day($typed['day']) ?? throw new \DomainException('On which day? Such as 2026-03-01.'),
                $typed['words'],
                '' === $typed['amount'] ? null : Money::parse($typed['amount']),
            );
            $papers = $this->allowed($claim, $step);
        } catch (\DomainException $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page($claim, status: 422, typed: $typed);
        }
        $move = new ClaimMove($claim, $step, $this->person->get()->name);
        $move->papers = $papers;
        $claim->answerBy = self::day($typed['answerBy']);
        $this->em->flush();

        return $this->to($claim);
    }

    /** Throws what is wrong; of a claim that is sent, gives the papers that go with it. */
    private function allowed(Claim $claim, ClaimStep $step): ?ClaimPapers
    {
        $steps = $claim->steps();
        $sum = $this->claims->sum($claim) ?? throw new \DomainException(
            'It is not known which edition of the policy is in force: say on the warranty page when the unit was delivered or fitted.'
        );
        $wrong = $step->after($steps[\count($steps) - 1] ?? null, $sum->total, $this->claims->missing($claim), now('tomorrow -1 second'));
        if (null !== $wrong) {
            throw new \DomainException($wrong);
        }
        if (ClaimState::Sent !== $step->state) {
            return null;
        }
        $papers = $this->papers($claim)[0] ?? null;
        if (ReportState::Ready !== $papers?->state || $papers->version !== $claim->version) {
            throw new \DomainException(
                null === $papers
                    ? 'Make the papers first: what is sent has to be what is kept.'
                    : 'The papers are older than the claim, or not made yet. Make them again: what is sent has to be what is kept.'
            );
        }

        return $papers;
    }

    /** @return list<ClaimPapers> the last first */
    private function papers(Claim $claim): array
    {
        return $this->papers->newestFirst($claim, 8);
    }

    private function find(string $number, int $nr): Claim
    {
        $case = $this->gate->find($number);

        return $this->claimRepository->numbered($case, $nr) ?? throw new ShopError(
            \sprintf('Case %s has no claim %d.', $case->number, $nr),
            404,
        );
    }

    /**
     * @param FormInterface<mixed>|null $form
     * @param array<string, string> $typed
     */
    private function page(Claim $claim, ?FormInterface $form = null, int $status = 200, array $typed = []): Response
    {
        $wrong = null;
        try {
            $sum = $this->claims->sum($claim);
        } catch (\DomainException $e) {
            [$sum, $wrong] = [null, $e->getMessage()];
        }

        return $this->render('claims/claim.html.twig', [
            'case' => $claim->case, 'book' => $this->shelf->book(
                $claim->case->family
            ), 'claim' => $claim, 'for' => $this->claims->about($claim), 'judged' => $this->claims->judged($claim), 'sum' => $sum,
            'wrong' => $wrong,
            'missing' => $this->claims->missing($claim), 'papers' => $this->papers($claim), 'parts' => $this->claims->parts($claim->case),
            'form' => ($form ?? $this->form($claim))->createView(), 'typed' => $typed, 'today' => now('today'),
        ], new Response(status: $status));
    }

    /** @return FormInterface<mixed> */
    private function form(Claim $claim): FormInterface
    {
        return $this->forms->createNamed('claim', ClaimType::class, $claim, ['judged' => $this->claims->judged($claim)]);
    }

    private function to(Claim $claim): Response
    {
        return $this->redirectToRoute('claim', ['number' => $claim->case->number, 'nr' => $claim->nr], Response::HTTP_SEE_OTHER);
    }

    private static function day(string $typed): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);

        return false === $day || $day->format('Y-m-d') !== $typed ? null : $day;
    }
}
