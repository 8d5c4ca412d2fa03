<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Permission;
use App\Intake\Form\EarlierWorkType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What earlier repairs did and left out. */
final class EarlierWorkController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly FormFactoryInterface $forms,
        private readonly IntakePage $page,
    ) {
    }

    #[Route('/cases/{number}/intake/earlier-work', name: 'intake_work_add', methods: ['POST'])]
    public function add(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $work = new EarlierWork($case);
        $form = $this->forms->createNamed('work', EarlierWorkType::class, $work);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['work' => $form]);
        }
        $this->entityManager->persist($work);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'work-before'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/earlier-work/{id}/remove', name: 'intake_work_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, EarlierWork $work): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        if ($work->case !== $case) {
            throw $this->createNotFoundException();
        }
        $this->entityManager->remove($work);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'work-before'], Response::HTTP_SEE_OTHER);
    }
}
