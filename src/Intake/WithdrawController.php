<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Permission;
use App\Platform\ShopError;
use App\Platform\Words;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A case that was taken in by mistake leaves the floor, with a reason, and comes back when that was the mistake. */
final class WithdrawController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entityManager, private readonly CaseGate $gate)
    {
    }

    #[Route('/cases/{number}/withdraw', name: 'case_withdraw', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function withdraw(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);
        $because = Words::of((string) $request->request->get('because', ''), 400);
        if ('' === $because) {
            throw new ShopError('Why is it no case? “Taken in twice, see OQ-26-0104.”', 422);
        }
        $case->withdraw($because, now());
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/put-back', name: 'case_put_back', methods: ['POST'])]
    #[IsGranted(Permission::TAKE_IN)]
    #[IsCsrfTokenValid('act')]
    public function putBack(string $number): Response
    {
        $case = $this->gate->find($number);
        $case->putBack();
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
