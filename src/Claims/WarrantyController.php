<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Permission;
use App\Intake\CaseGate;
use App\Intake\FormAnswer;
use App\Verdict\Form\WarrantyType;
use App\Verdict\Warranty\Policies;
use App\Verdict\Warranty\WarrantyFacts;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What each policy says of a case, and the facts that it asks for. */
final class WarrantyController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly Policies $policies,
        private readonly FormFactoryInterface $forms,
        private readonly CaseGate $gate,
        private readonly WarrantyPage $page,
    ) {
    }

    #[Route('/cases/{number}/warranty', name: 'warranty', methods: ['GET'])]
    public function show(string $number): Response
    {
        $case = $this->gate->find($number);

        return $this->page->show($case, $this->form($this->policies->facts($case)));
    }

    #[Route('/cases/{number}/warranty', name: 'warranty_save', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    public function save(string $number, Request $request, FormAnswer $answer): Response
    {
        // It goes on after the case is signed: the verdict does not rest on it.
        $case = $this->gate->find($number);
        $facts = $this->policies->facts($case);
        $form = $this->form($facts);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, $form, 422);
        }
        $this->entityManager->persist($facts);
        $this->entityManager->flush();

        return $answer->saved($request, $case, $this->form($facts), 'warranty');
    }

    /** @return FormInterface<mixed> */
    private function form(WarrantyFacts $facts): FormInterface
    {
        return $this->forms->createNamed('warranty', WarrantyType::class, $facts);
    }
}
