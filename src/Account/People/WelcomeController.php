<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\CurrentPerson;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Behind the link by which a person chooses a password. */
#[Route('/welcome/{token}', requirements: ['token' => '[0-9a-f]{40}'])]
final class WelcomeController extends AbstractController
{
    public function __construct(private readonly PasswordLinks $links, private readonly CurrentPerson $me)
    {
    }

    #[Route('', name: 'welcome', methods: ['GET'])]
    public function show(string $token): Response
    {
        return $this->page($this->links->mustHold($token));
    }

    #[Route('', name: 'welcome_choose', methods: ['POST'])]
    #[IsCsrfTokenValid('welcome')]
    public function choose(string $token, Request $request): Response
    {
        $link = $this->links->mustHold($token);
        $typed = $request->request;
        try {
            $this->links->choose($link, $typed->getString('password'), $typed->getString('again'));
        } catch (PasswordError $wrong) {
            return $this->page($link, $wrong->getMessage());
        }
        $this->addFlash('kept', 'Your password is set. Sign in with it.');

        return $this->redirectToRoute(null === $this->me->orNull() ? 'login' : 'me', status: Response::HTTP_SEE_OTHER);
    }

    private function page(PasswordLink $link, string $wrong = ''): Response
    {
        return $this->render(
            'account/welcome.html.twig',
            ['person' => $link->person, 'wrong' => $wrong, 'fewest' => Passwords::FEWEST],
            new Response(status: '' === $wrong ? 200 : 422),
        );
    }
}
