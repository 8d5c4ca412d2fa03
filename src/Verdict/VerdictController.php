<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Chain\CaseChain;
use App\Chain\ChainNode;
use App\Chain\Engine\Closure;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\BookShelf;
use App\Platform\FormAnswer;
use App\Platform\ShopError;
use App\Verdict\Form\VerdictType;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Verdict\Responsibility;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final class VerdictController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CaseChain $chains,
        private readonly Closure $closure,
        private readonly Signing $signing,
        private readonly FormFactoryInterface $forms,
        private readonly CurrentPerson $person,
        private readonly UserPasswordHasherInterface $hasher,
    ) {
    }

    #[Route('/cases/{number}/verdict', name: 'verdict', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page($this->gate->find($number));
    }

    #[Route('/cases/{number}/verdict', name: 'verdict_save', methods: ['POST'])]
    public function save(string $number, Request $request, FormAnswer $answer): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $verdict = $this->signing->current($case);
        if ($verdict->awaitsSecond()) {
            throw new ShopError('It carries the first signature. Take that back before you change the verdict.', 409);
        }
        $form = $this->form($verdict);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $form);
        }
        $this->em->persist($verdict);
        $this->em->flush();

        return $answer->saved($request, $case, $this->form($verdict), 'verdict');
    }

    #[Route('/cases/{number}/verdict/shares', name: 'verdict_shares', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function shares(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $verdict = $this->signing->current($case);
        if ($verdict->awaitsSecond()) {
            throw new ShopError('It carries the first signature. Take that back before you change the verdict.', 409);
        }
        $typed = array_map(static fn (mixed $one): string => \is_string($one) ? $one : '', $request->request->all('percent'));
        $links = array_map(static fn (mixed $one): array => array_values(array_filter((array) $one, is_string(...))), $request->request->all('links'));
        try {
            $this->signing->share($verdict, $typed, $links);
        } catch (\DomainException $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page($case, shares: ['percent' => $typed, 'links' => $links]);
        }

        return $this->redirectToRoute('verdict', ['number' => $case->number, '_fragment' => 'shares'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/sign', name: 'verdict_sign', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function sign(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::SIGN);
        $despite = [];
        $missing = 0;
        $reasons = $request->request->all('despite');
        foreach ($this->closure->of($case) as $problem) {
            $reason = \is_string($reasons[$problem->key()] ?? null) ? mb_substr(trim($reasons[$problem->key()]), 0, 500) : '';
            if ('' !== $reason) {
                $despite[] = ['point' => $problem->message, 'reason' => $reason];
            } elseif (!$problem->rule->isOnlyProvisional()) {
                ++$missing;
            }
        }
        if ($missing > 0) {
            $this->addFlash('refused', \sprintf('The chain leaves %d %s open. Mend them on the chain page, or say for each why it may stay open; the report then says so.', $missing, 1 === $missing ? 'point' : 'points'));

            return $this->page($case, reasons: $reasons);
        }
        $verdict = $this->signing->current($case);
        $verdict->despite = $despite;
        if (!$this->isHim($request)) {
            return $this->page($case, reasons: $reasons);
        }
        $this->signing->sign($verdict, $this->person->get());

        return $this->redirectToRoute('verdict', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/withdraw', name: 'verdict_withdraw', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function withdraw(string $number): Response
    {
        $case = $this->gate->open($number, Permission::SIGN);
        $this->signing->withdraw($this->signing->current($case));

        return $this->redirectToRoute('verdict', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/verdict/second', name: 'verdict_second', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function second(string $number, Request $request, MessageBusInterface $bus): Response
    {
        $case = $this->gate->open($number, Permission::SIGN);
        $verdict = $this->signing->current($case);
        if (!$this->isHim($request)) {
            return $this->page($case, reasons: []);
        }
        $this->signing->second($verdict, $this->person->get());
        $bus->dispatch(new Signed($verdict->id));

        return $this->redirectToRoute('report', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /** Who signs proves once more who he is. */
    private function isHim(Request $request): bool
    {
        $him = $this->hasher->isPasswordValid($this->person->get(), (string) $request->request->get('password', ''));
        if (!$him) {
            $this->addFlash('refused', 'Nothing is signed: that is not your password. Who signs proves once more who it is.');
        }

        return $him;
    }

    #[Route('/cases/{number}/verdict/reopen', name: 'verdict_reopen', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    #[IsGranted(Permission::SIGN)]
    public function reopen(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $this->signing->reopen($case, (string) $request->request->get('because'));

        return $this->redirectToRoute('verdict', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param FormInterface<mixed>|null $submitted
     * @param array<mixed>|null $reasons as typed, for points that may stay open
     * @param array{percent: array<string, string>, links: array<string, list<string>>}|null $shares as typed
     */
    private function page(CaseFile $case, ?FormInterface $submitted = null, ?array $reasons = null, ?array $shares = null): Response
    {
        $verdict = $this->signing->current($case);

        return $this->render('verdict/verdict.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'verdict' => $verdict,
            'form' => ($submitted ?? $this->form($verdict))->createView(),
            'missing' => $this->signing->missing($verdict),
            'changed' => $this->signing->changedSince($verdict),
            'problems' => $case->isSigned() ? [] : $this->closure->of($case),
            'reasons' => $reasons ?? [],
            'shares' => $shares ?? ['percent' => array_column($verdict->shares, 'percent', 'who'), 'links' => array_column($verdict->shares, 'links', 'who')],
            'sharesOpen' => null !== $shares,
            'stale' => !$case->isSigned() && $this->signing->sharesAreStale($verdict),
            'carriers' => Responsibility::cases(),
            'links' => $this->chains->links($case),
            'revisions' => $this->em->getRepository(Verdict::class)->findBy(['case' => $case], ['revision' => 'DESC']),
        ], new Response(status: null === $submitted && null === $reasons && null === $shares ? 200 : 422));
    }

    /** @return FormInterface<mixed> */
    private function form(Verdict $verdict): FormInterface
    {
        $origins = array_values(array_filter($this->chains->nodes($verdict->case), static fn (ChainNode $node): bool => NodeKind::Origin === $node->kind));

        return $this->forms->createNamed('verdict', VerdictType::class, $verdict, ['origins' => $origins]);
    }
}
