<?php

declare(strict_types=1);

namespace App\Identity;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Identity\Form\InquiryInput;
use App\Identity\Form\NumberInput;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Of a unit without a number: what was asked of whom, and the numbers that fitted in the end. */
final class NumbersController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly EntityManagerInterface $entityManager,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/identity/asked', name: 'identity_asked', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function asked(string $number, #[MapRequestPayload] InquiryInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        if ('' === $typed->ofWhom || '' === $typed->asked) {
            throw new ShopError('Who was asked, and what? A supplier, a yard, a maker’s desk.', 422);
        }
        $inquiry = new Inquiry($case, $typed->ofWhom, $typed->asked, $this->person->get());
        $inquiry->answered($typed->answer);
        $this->entityManager->persist($inquiry);

        return $this->kept($number, 'asked');
    }

    #[Route('/cases/{number}/identity/asked/{id}', name: 'identity_answer', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function answer(string $number, Inquiry $inquiry, #[MapRequestPayload] InquiryInput $typed): Response
    {
        $this->mustBelong($inquiry->case, $this->gate->open($number, Permission::TAKE_IN));
        $inquiry->answered($typed->answer);

        return $this->kept($number, 'asked');
    }

    #[Route('/cases/{number}/identity/asked/{id}/remove', name: 'identity_asked_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeInquiry(string $number, Inquiry $inquiry): Response
    {
        $this->mustBelong($inquiry->case, $this->gate->open($number, Permission::TAKE_IN));
        $this->entityManager->remove($inquiry);

        return $this->kept($number, 'asked');
    }

    #[Route('/cases/{number}/identity/numbers', name: 'identity_number', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function number(string $number, #[MapRequestPayload] NumberInput $typed): Response
    {
        // It fits when the unit goes together, and that is after it was signed what had failed.
        $this->denyAccessUnlessGranted(Permission::BENCH);
        $case = $this->gate->find($number);
        if (null === $this->shelf->book($case->family, $case->is())->part($typed->part) || '' === $typed->number) {
            throw new ShopError('Which part did it fit, and what is its number?', 422);
        }
        $this->entityManager->persist(new FittedNumber($case, $typed->part, $typed->number, $typed->supplier, $this->person->get()));

        return $this->kept($number, 'numbers');
    }

    #[Route('/cases/{number}/identity/numbers/{id}/remove', name: 'identity_number_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeNumber(string $number, FittedNumber $fitted): Response
    {
        $this->denyAccessUnlessGranted(Permission::BENCH);
        $this->mustBelong($fitted->case, $this->gate->find($number));
        $this->entityManager->remove($fitted);

        return $this->kept($number, 'numbers');
    }

    private function kept(string $number, string $to): Response
    {
        $this->entityManager->flush();

        return $this->redirectToRoute('identity', ['number' => $number, '_fragment' => $to], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(CaseFile $owner, CaseFile $case): void
    {
        if ($owner !== $case) {
            throw $this->createNotFoundException();
        }
    }
}
