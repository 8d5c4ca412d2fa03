<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Measuring\Form\FeltInput;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Sizes that hands guess, until a gauge has spoken. */
final class FeltController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly EntityManagerInterface $entityManager,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/parts/{part}/felt/{field}', name: 'felt_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(string $number, string $part, string $field, #[MapRequestPayload] FeltInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $known = $this->shelf->book($case->family, $case->is())->part($part)->fields[$field]
            ?? throw new ShopError('The book has no such reading.', 404);
        try {
            Quantity::parse($typed->guess, $known->dimension);
        } catch (QuantityError $error) {
            throw new ShopError('How much does it feel like? '.$error->getMessage(), 422, $error);
        }
        $this->entityManager->persist(new FeltSize(
            $case, $part, $field, $typed->guess, PlayWay::tryFrom($typed->way), '' !== $typed->againstAGoodOne, $this->person->get(),
        ));

        return $this->kept($number, $part);
    }

    #[Route('/cases/{number}/felt/{id}/remove', name: 'felt_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, FeltSize $felt): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($felt->case !== $case) {
            throw $this->createNotFoundException();
        }
        $this->entityManager->remove($felt);

        return $this->kept($number, $felt->part);
    }

    private function kept(string $number, string $part): Response
    {
        $this->entityManager->flush();

        return $this->redirectToRoute('part', ['number' => $number, 'part' => $part, '_fragment' => 'felt'], Response::HTTP_SEE_OTHER);
    }
}
