<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\StackInput;
use App\Evidence\Repository\StackPieceRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Stacks as they lay: order, place, colour, thickness. */
final class StackController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly StackPieceRepository $pieces,
        private readonly EntityManagerInterface $entityManager,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/parts/{part}/stack', name: 'stack_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(string $number, string $part, #[MapRequestPayload] StackInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if (null === $this->shelf->book($case->family, $case->is())->part($part)) {
            throw new ShopError('The book has no such part.', 404);
        }
        if ('' === $typed->what) {
            throw new ShopError('What was it? A steel plate, a shim, a spring.', 422);
        }
        if ('' !== $typed->thickness) {
            try {
                Quantity::parse($typed->thickness, Dimension::Length);
            } catch (QuantityError $error) {
                throw new ShopError('Its thickness: '.$error->getMessage(), 422, $error);
            }
        }
        $last = array_map(static fn (StackPiece $one): int => $one->nth, $this->pieces->stackOf($case, $part));
        $this->entityManager->persist(new StackPiece(
            $case, $part, max([0, ...$last]) + 1, $typed->what, $typed->place, $typed->colour, $typed->thickness, $this->person->get(),
        ));

        return $this->kept($case, $part);
    }

    #[Route('/cases/{number}/parts/{part}/stack/{id}/remove', name: 'stack_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, string $part, StackPiece $piece): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($piece->case !== $case || $piece->part !== $part) {
            throw $this->createNotFoundException();
        }
        $this->entityManager->remove($piece);

        return $this->kept($case, $part);
    }

    private function kept(CaseFile $case, string $part): Response
    {
        $this->entityManager->flush();

        $back = ['number' => $case->number, 'part' => $part, '_fragment' => 'stack'];

        return $this->redirectToRoute('part', $back, Response::HTTP_SEE_OTHER);
    }
}
