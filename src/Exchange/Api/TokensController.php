<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Exchange\Repository\ApiTokenRepository;
use App\Platform\Words;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Tokens with which programs read in one's name. */
final class TokensController extends AbstractController
{
    public function __construct(private readonly GiveToken $give, private readonly CurrentPerson $person)
    {
    }

    #[Route('/exchange/tokens', name: 'tokens', methods: ['GET'])]
    public function page(ApiTokenRepository $tokens): Response
    {
        return $this->render('exchange/tokens.html.twig', [
            'tokens' => $tokens->open($this->isGranted(Permission::LET_IN) ? null : $this->person->get()),
            'scopes' => ApiScope::cases(),
            'days' => GiveToken::DAYS,
        ]);
    }

    #[Route('/exchange/tokens', name: 'token_make', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function make(Request $request): Response
    {
        $sent = $request->request;
        $scopes = array_values(array_filter($sent->all('scopes'), \is_string(...)));
        $this->addFlash('token', $this->give->give(
            $this->person->get(), Words::of($sent->getString('name'), ApiToken::LONGEST_NAME), $scopes, $sent->getInt('days'),
        ));

        return $this->redirectToRoute('tokens', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/exchange/tokens/{id}/end', name: 'token_end', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function end(ApiToken $token): Response
    {
        if ($token->person !== $this->person->get()) {
            $this->denyAccessUnlessGranted(Permission::LET_IN);
        }
        $this->give->end($token, $this->person->get());

        return $this->redirectToRoute('tokens', status: Response::HTTP_SEE_OTHER);
    }
}
