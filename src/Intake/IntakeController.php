<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\Form\UnitType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final class IntakeController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly FormFactoryInterface $forms,
        private readonly FormAnswer $answer,
        private readonly IntakePage $page,
    ) {
    }

    #[Route('/cases/new', name: 'intake_new', methods: ['GET', 'POST'], priority: 10)]
    #[IsGranted(Permission::TAKE_IN)]
    public function new(Request $request, TakeIn $take, EarlierCases $earlier, CurrentPerson $person): Response
    {
        $family = (string) $request->query->get('family', '');
        if ('' === $family) {
            return $this->render('intake/family.html.twig', ['books' => $this->shelf->all()]);
        }
        $book = $this->shelf->book($family);
        $case = new CaseFile('', $book->key);
        $form = $this->forms->createNamed('unit', UnitType::class, $case, ['book' => $book]);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $take($case, $person->get(), 'comeback' === $request->request->get('earlier'));

            return $this->redirectToRoute('intake', ['number' => $case->number], Response::HTTP_SEE_OTHER);
        }

        return $this->render('intake/new.html.twig', ['form' => $form, 'book' => $book, 'earlier' => $earlier->of($case->serial)]);
    }

    /** What was here under this serial before; asked while it is typed. */
    #[Route('/intake/earlier', name: 'intake_earlier', methods: ['GET'])]
    public function earlier(Request $request, EarlierCases $earlier): Response
    {
        $typed = $request->query->all('unit')['serial'] ?? $request->query->get('serial', '');
        $besides = (string) $request->query->get('besides', '');

        return $this->render('intake/_earlier.html.twig', [
            'earlier' => $earlier->of(\is_string($typed) ? $typed : '', '' === $besides ? null : $this->gate->find($besides)),
            'case' => '' === $besides ? null : $this->gate->find($besides),
        ]);
    }

    #[Route('/cases/{number}/intake', name: 'intake', methods: ['GET'])]
    public function show(string $number, Request $request): Response
    {
        return $this->page->show($this->gate->find($number), change: $request->query->getString('change'));
    }

    #[Route('/cases/{number}/intake/unit', name: 'intake_unit', methods: ['POST'])]
    public function unit(string $number, Request $request, KeepUnit $keep): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $form = $this->page->unitForm($case);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['unit' => $form]);
        }
        $before = $case->fromBook;
        $keep($case, true === $form->get('isRead')->getData());
        $besides = $case->fromBook === $before ? [] : ['intake/_of_model.html.twig'];

        return $this->answer->saved($request, $case, $this->page->unitForm($case), 'intake', besides: $besides);
    }

    #[Route('/cases/{number}/intake/arrival', name: 'intake_arrival', methods: ['POST'])]
    public function arrival(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $form = $this->page->arrivalForm($case);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, ['arrival' => $form]);
        }
        $this->entityManager->flush();

        return $this->answer->saved($request, $case, $this->page->arrivalForm($case), 'intake');
    }

    /** Ties this case to the earlier one of the same unit, or unties it. */
    #[Route('/cases/{number}/intake/comeback', name: 'intake_comeback', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function comeback(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $earlier = (string) $request->request->get('of', '');
        $case->comesBackFrom('' === $earlier ? null : $this->gate->find($earlier));
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/hold', name: 'case_hold', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function hold(string $number, CurrentPerson $person, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::PHOTOGRAPH);
        $case->heldBy($person->get());
        $this->entityManager->flush();

        return $this->redirectToRoute('case', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
