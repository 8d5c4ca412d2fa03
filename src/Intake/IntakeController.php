<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\Form\ArrivalType;
use App\Intake\Form\ComplaintType;
use App\Intake\Form\StatementType;
use App\Intake\Form\UnitType;
use App\Intake\Repository\CaseFileRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final class IntakeController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly FormFactoryInterface $forms,
        private readonly FormAnswer $answer,
    ) {
    }

    #[Route('/cases/new', name: 'intake_new', methods: ['GET', 'POST'], priority: 10)]
    #[IsGranted(Permission::TAKE_IN)]
    public function new(Request $request, CaseNumbers $numbers, CaseFileRepository $cases, CurrentPerson $person): Response
    {
        $family = (string) $request->query->get('family', '');
        if ('' === $family) {
            return $this->render('intake/family.html.twig', ['books' => $this->shelf->all()]);
        }
        $book = $this->shelf->book($family);
        $case = new CaseFile('', $book->key);
        $form = $this->forms->createNamed('unit', UnitType::class, $case, ['duties' => $this->shelf->book($case->family)->duties]);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $case->number = $numbers->next();
            $case->holder = $person->get();
            $case->settle();
            if ('comeback' === $request->request->get('earlier')) {
                $case->comebackOf = $cases->earlier($case->serial)[0] ?? null;
            }
            $this->em->persist($case);
            $this->em->flush();

            return $this->redirectToRoute('intake', ['number' => $case->number], Response::HTTP_SEE_OTHER);
        }

        return $this->render('intake/new.html.twig', ['form' => $form, 'book' => $book, 'earlier' => $cases->earlier($case->serial)]);
    }

    /** What was here under this serial before; asked while it is typed. */
    #[Route('/intake/earlier', name: 'intake_earlier', methods: ['GET'])]
    public function earlier(Request $request, CaseFileRepository $cases): Response
    {
        $typed = $request->query->all('unit')['serial'] ?? $request->query->get('serial', '');
        $besides = (string) $request->query->get('besides', '');

        return $this->render('intake/_earlier.html.twig', [
            'earlier' => $cases->earlier(\is_string($typed) ? $typed : '', '' === $besides ? null : $this->gate->find($besides)),
            'case' => '' === $besides ? null : $this->gate->find($besides),
        ]);
    }

    #[Route('/cases/{number}/intake', name: 'intake', methods: ['GET'])]
    public function show(string $number, CaseFileRepository $cases): Response
    {
        return $this->page($this->gate->find($number), $cases);
    }

    #[Route('/cases/{number}/intake/unit', name: 'intake_unit', methods: ['POST'])]
    public function unit(string $number, Request $request, CaseFileRepository $cases): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $form = $this->forms->createNamed('unit', UnitType::class, $case, ['duties' => $this->shelf->book($case->family)->duties]);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $cases, ['unit' => $form]);
        }
        $case->settle();
        $this->em->flush();

        return $this->answer->saved(
            $request,
            $case,
            $this->forms->createNamed('unit', UnitType::class, $case, ['duties' => $this->shelf->book($case->family)->duties]),
            'intake',
        );
    }

    #[Route('/cases/{number}/intake/arrival', name: 'intake_arrival', methods: ['POST'])]
    public function arrival(string $number, Request $request, CaseFileRepository $cases): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $form = $this->forms->createNamed('arrival', ArrivalType::class, $case->arrival);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $cases, ['arrival' => $form]);
        }
        $this->em->flush();

        return $this->answer->saved($request, $case, $this->forms->createNamed('arrival', ArrivalType::class, $case->arrival), 'intake');
    }

    #[Route('/cases/{number}/intake/complaints', name: 'intake_complaint_add', methods: ['POST'])]
    public function addComplaint(string $number, Request $request, CaseFileRepository $cases): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $complaint = new Complaint($case);
        $form = $this->complaintForm('complaint', $complaint, $case);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $cases, ['complaint' => $form]);
        }
        $this->em->persist($complaint);
        $this->em->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'complaints'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/complaints/{id}', name: 'intake_complaint', methods: ['POST'])]
    public function complaint(string $number, Complaint $complaint, Request $request, CaseFileRepository $cases): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($complaint->case, $case);
        $name = self::formName($complaint);
        $form = $this->complaintForm($name, $complaint, $case);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $cases, [$name => $form]);
        }
        $this->em->flush();

        return $this->answer->saved($request, $case, $this->complaintForm($name, $complaint, $case), 'intake');
    }

    #[Route('/cases/{number}/intake/complaints/{id}/remove', name: 'intake_complaint_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeComplaint(string $number, Complaint $complaint): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $this->mustBelong($complaint->case, $case);
        $this->em->remove($complaint);
        $this->em->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'complaints'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/intake/statements', name: 'intake_statement_add', methods: ['POST'])]
    public function addStatement(string $number, Request $request, CaseFileRepository $cases): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $statement = new Statement($case);
        $form = $this->forms->createNamed('statement', StatementType::class, $statement, ['case' => $case]);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $cases, ['statement' => $form]);
        }
        $this->em->persist($statement);
        $this->em->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => 'statements'], Response::HTTP_SEE_OTHER);
    }

    /** Ties this case to the earlier one of the same unit, or unties it. */
    #[Route('/cases/{number}/intake/comeback', name: 'intake_comeback', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function comeback(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $earlier = (string) $request->request->get('of', '');
        $case->comebackOf = '' === $earlier ? null : $this->gate->find($earlier);
        $this->em->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/hold', name: 'case_hold', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function hold(string $number, CurrentPerson $person, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::PHOTOGRAPH);
        $case->holder = $person->get();
        $this->em->flush();

        return $this->redirectToRoute('case', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /** @param array<string, FormInterface<mixed>> $submitted forms that did not hold, by name */
    private function page(CaseFile $case, CaseFileRepository $cases, array $submitted = []): Response
    {
        $forms = [
            'unit' => $submitted['unit'] ?? $this->forms->createNamed(
                'unit',
                UnitType::class,
                $case,
                ['duties' => $this->shelf->book($case->family)->duties],
            ),
            'arrival' => $submitted['arrival'] ?? $this->forms->createNamed('arrival', ArrivalType::class, $case->arrival),
            'complaint' => $submitted['complaint'] ?? $this->complaintForm('complaint', new Complaint($case), $case),
            'statement' => $submitted['statement'] ?? $this->forms->createNamed(
                'statement',
                StatementType::class,
                new Statement($case),
                ['case' => $case],
            ),
        ];
        $complaints = [];
        foreach ($case->complaints as $complaint) {
            $name = self::formName($complaint);
            $complaints[] = [
                'complaint' => $complaint,
                'form' => ($submitted[$name] ?? $this->complaintForm($name, $complaint, $case))->createView(),
            ];
        }

        return $this->render('intake/show.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'forms' => array_map(static fn (FormInterface $form) => $form->createView(), $forms),
            'complaints' => $complaints,
            'earlier' => $cases->earlier($case->serial, $case),
            'opened' => array_key_first($submitted),
        ], new Response(status: [] === $submitted ? 200 : 422));
    }

    /** @return FormInterface<mixed> */
    private function complaintForm(string $name, Complaint $complaint, CaseFile $case): FormInterface
    {
        return $this->forms->createNamed($name, ComplaintType::class, $complaint, ['book' => $this->shelf->book($case->family)]);
    }

    private static function formName(Complaint $complaint): string
    {
        return 'complaint_'.substr(md5((string) $complaint->id), 0, 8);
    }

    private function mustBelong(CaseFile $owner, CaseFile $case): void
    {
        if ($owner !== $case) {
            throw $this->createNotFoundException();
        }
    }
}
