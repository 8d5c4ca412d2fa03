<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Form\PersonType;
use App\Account\LogIn\Sessions;
use App\Account\People\ChosenPassword;
use App\Account\People\OwnPage;
use App\Account\People\PasswordError;
use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class PersonController extends AbstractController
{
    public function __construct(
        private readonly CurrentPerson $person,
        private readonly EntityManagerInterface $entityManager,
        private readonly OwnPage $page,
    ) {
    }

    /** Who is at the screen, what stands under the name on paper, and how the person gets in. */
    #[Route('/me', name: 'me', methods: ['GET', 'POST'])]
    public function me(Request $request): Response
    {
        $form = $this->createForm(PersonType::class, $this->person->get());
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $this->entityManager->flush();
            $this->addFlash('kept', 'Kept. Reports that were signed before stay as they are.');

            return $this->redirectToRoute('me', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/me.html.twig', ['form' => $form] + $this->page->gather($this->person->get()));
    }

    #[Route('/me/password', name: 'own_password', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function password(Request $request, ChosenPassword $chosen): Response
    {
        $typed = $request->request;
        try {
            $chosen->change($this->person->get(), $typed->getString('now'), $typed->getString('password'), $typed->getString('again'));
            $this->addFlash('kept', 'Your password is changed. Wherever else you were signed in, you are no longer.');
        } catch (PasswordError $wrong) {
            $this->addFlash('refused', $wrong->getMessage());
        }

        return $this->redirectToRoute('me', status: Response::HTTP_SEE_OTHER);
    }

    /** Ends all other browsers. */
    #[Route('/me/sessions/end', name: 'own_sessions_end', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function endOthers(Sessions $sessions): Response
    {
        $sessions->endAll($this->person->get(), butThis: true);
        $this->addFlash('kept', 'You are signed in here only.');

        return $this->redirectToRoute('me', status: Response::HTTP_SEE_OTHER);
    }

    /** Changes the units in which this person reads; what was typed stays as typed. */
    #[Route('/units', name: 'units', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function units(Request $request): Response
    {
        $this->person->get()->units = $this->person->units()->next();
        $this->entityManager->flush();

        return WayBack::of($request);
    }
}
