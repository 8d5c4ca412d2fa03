<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Form\PersonType;
use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class PersonController extends AbstractController
{
    /** Who is at the screen, and what stands under his name on paper. */
    #[Route('/me', name: 'me', methods: ['GET', 'POST'])]
    public function me(Request $request, CurrentPerson $person, EntityManagerInterface $entityManager): Response
    {
        $form = $this->createForm(PersonType::class, $person->get());
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $entityManager->flush();
            $this->addFlash('kept', 'Kept. Reports that were signed before stay as they are.');

            return $this->redirectToRoute('me', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/me.html.twig', ['form' => $form]);
    }

    /** Changes the units in which this person reads; what was typed stays as typed. */
    #[Route('/units', name: 'units', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function units(Request $request, CurrentPerson $person, EntityManagerInterface $entityManager): Response
    {
        $person->get()->units = $person->units()->next();
        $entityManager->flush();

        return WayBack::of($request);
    }
}
