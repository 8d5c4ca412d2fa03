<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;

final class LoginController extends AbstractController
{
    #[Route('/login', name: 'login', methods: ['GET', 'POST'])]
    public function login(AuthenticationUtils $authentication): Response
    {
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('floor');
        }

        return $this->render('account/login.html.twig', [
            'error' => $authentication->getLastAuthenticationError(),
            'username' => $authentication->getLastUsername(),
        ]);
    }
}
