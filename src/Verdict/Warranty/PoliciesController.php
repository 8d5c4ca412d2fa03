<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\TextFault;
use App\Platform\ShopError;
use App\Verdict\Form\PolicyType;
use App\Verdict\Repository\ShopPolicyRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Warranties: the policies of the shop, and what each says of a case. */
final class PoliciesController extends AbstractController
{
    /** Largest policy, bytes. */
    private const LARGEST = 100_000;

    public function __construct(
        private readonly Policies $policies,
        private readonly KeepPolicy $keep,
        private readonly ShopPolicyRepository $shopPolicies,
    ) {
    }

    #[Route('/policies', name: 'policies', methods: ['GET'])]
    public function shelf(Request $request): Response
    {
        $asked = (string) $request->query->get('edit', '');
        $known = $this->shopPolicies->oneInForce($asked);

        return $this->page($known->text ?? '');
    }

    #[Route('/policies', name: 'policy_take', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function take(Request $request, CurrentPerson $person): Response
    {
        $text = (string) $request->request->get('text', '');
        if (\strlen($text) > self::LARGEST || !mb_check_encoding($text, 'UTF-8')) {
            throw new ShopError('A policy is text in UTF-8 of at most 100 kB.', 422);
        }
        $problems = ($this->keep)($text, $person->get());
        if ([] !== $problems) {
            return $this->page($text, $problems);
        }
        $this->addFlash('kept', 'The policy is in force.');

        return $this->redirectToRoute('policies', status: Response::HTTP_SEE_OTHER);
    }

    /** The same by a form, for who writes no YAML. */
    #[Route('/policies/filled', name: 'policy_fill', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    public function fill(Request $request, CurrentPerson $person): Response
    {
        $policy = new PolicyInput();
        $form = $this->createForm(PolicyType::class, $policy);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page('', [], $form);
        }
        $problems = ($this->keep)($policy->text(), $person->get());
        foreach ($problems as $problem) {
            $form->addError(new FormError($problem->message));
        }
        if ([] !== $problems) {
            return $this->page('', [], $form);
        }
        $this->addFlash('kept', 'The policy is in force.');

        return $this->redirectToRoute('policies', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/policies/{key}/end', name: 'policy_end', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function drop(string $key): Response
    {
        $this->keep->end($key);

        return $this->redirectToRoute('policies', status: Response::HTTP_SEE_OTHER);
    }

    /**
     * @param list<TextFault> $problems
     * @param FormInterface<mixed>|null $filled what did not hold
     */
    private function page(string $text, array $problems = [], ?FormInterface $filled = null): Response
    {
        return $this->render('verdict/policies.html.twig', [
            'text' => $text,
            'problems' => $problems,
            'policies' => $this->policies->inForce(),
            'form' => ($filled ?? $this->createForm(PolicyType::class, new PolicyInput()))->createView(),
            'opened' => null !== $filled,
        ], new Response(status: [] === $problems && null === $filled ? 200 : 422));
    }
}
