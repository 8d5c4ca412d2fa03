<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Laboratory\Form\AnswerInput;
use App\Laboratory\Form\LabFindInput;
use App\Laboratory\Form\OrderInput;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Laboratory\LabError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What is sent to laboratories, and what they answer. */
final class LabController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly EntityManagerInterface $entityManager,
        private readonly CurrentPerson $person,
        private readonly LabPage $page,
        private readonly KeepAnswer $keep,
    ) {
    }

    #[Route('/cases/{number}/laboratory', name: 'laboratory', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page->show($this->gate->find($number));
    }

    #[Route('/cases/{number}/laboratory', name: 'lab_order', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function order(string $number, #[MapRequestPayload] OrderInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ('' === $typed->sample || '' === $typed->laboratory) {
            throw new ShopError('What is sent, with its label, and to which laboratory?', 422);
        }
        if ($typed->kind->isOfAPart() && null === $this->shelf->book($case->family, $case->is())->part($typed->part)) {
            throw new ShopError('Of which part is it?', 422);
        }
        $this->entityManager->persist(new LabOrder($case, $typed, $this->person->get()));
        $this->entityManager->flush();

        return $this->back($number);
    }

    #[Route('/cases/{number}/laboratory/{id}', name: 'lab_answer', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function answer(string $number, LabOrder $order, #[MapRequestPayload] AnswerInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($order->case !== $case) {
            throw $this->createNotFoundException();
        }
        try {
            ($this->keep)($order, $typed);
        } catch (LabError $error) {
            return $this->page->show($case, $order, $typed, $error->getMessage());
        }

        return $this->back($number, 'order-'.$order->id);
    }

    #[Route('/cases/{number}/laboratory/{id}/find', name: 'lab_find', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function find(string $number, LabOrder $order, #[MapRequestPayload] LabFindInput $typed, TakeAsFind $take): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($order->case !== $case) {
            throw $this->createNotFoundException();
        }
        $finding = $take($order, $typed, $this->person->get());

        return $this->redirectToRoute('part', ['number' => $number, 'part' => $finding->part], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/laboratory/{id}/remove', name: 'lab_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, LabOrder $order): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($order->case !== $case) {
            throw $this->createNotFoundException();
        }
        $this->entityManager->remove($order);
        $this->entityManager->flush();

        return $this->back($number);
    }

    private function back(string $number, string $to = 'orders'): Response
    {
        return $this->redirectToRoute('laboratory', ['number' => $number, '_fragment' => $to], Response::HTTP_SEE_OTHER);
    }
}
