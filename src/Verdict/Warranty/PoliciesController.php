<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\TextFault;
use App\Platform\ShopError;
use App\Verdict\Repository\ShopPolicyRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
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

    #[Route('/policies/{key}/end', name: 'policy_end', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function drop(string $key): Response
    {
        $this->keep->end($key);

        return $this->redirectToRoute('policies', status: Response::HTTP_SEE_OTHER);
    }

    /** @param list<TextFault> $problems */
    private function page(string $text, array $problems = []): Response
    {
        return $this->render(
            'verdict/policies.html.twig',
            ['text' => $text, 'problems' => $problems, 'policies' => $this->policies->inForce()],
            new Response(status: [] === $problems ? 200 : 422),
        );
    }
}
