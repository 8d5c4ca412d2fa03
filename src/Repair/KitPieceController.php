<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Repair\Form\KitPieceInput;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\KitCheck;
use Japhrex\Core\Repair\KitError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The pieces of a kit that came without a sheet, as they lie on the bench. */
#[IsGranted(Permission::BENCH)]
final class KitPieceController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly EntityManagerInterface $entityManager,
        private readonly CurrentPerson $person,
        private readonly RepairPage $page,
    ) {
    }

    #[Route('/cases/{number}/kit/pieces', name: 'kit_piece', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(string $number, #[MapRequestPayload] KitPieceInput $typed): Response
    {
        $case = $this->gate->find($number);
        try {
            KitCheck::named($typed->kit, $typed->piece);
            $piece = new KitPiece($case, $typed->kit, $typed->piece, KitCheck::pieces($typed->count), $this->person->get());
        } catch (KitError $e) {
            return $this->page->show($case, ['refusedPiece' => $e->getMessage()] + $typed->typed());
        }
        $this->entityManager->persist($piece);

        return $this->kept($case);
    }

    #[Route('/cases/{number}/kit/pieces/{id}', name: 'kit_piece_used', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function used(string $number, KitPiece $piece, #[MapRequestPayload] KitPieceInput $typed): Response
    {
        $case = $this->owner($number, $piece);
        try {
            $piece->used = KitCheck::usedOf($piece->count, $typed->used);
        } catch (KitError $e) {
            return $this->page->show($case, ['ofPiece' => (string) $piece->id, 'refusedPiece' => $e->getMessage()] + $typed->typed());
        }
        $piece->why = $typed->why;

        return $this->kept($case);
    }

    #[Route('/cases/{number}/kit/pieces/{id}/remove', name: 'kit_piece_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, KitPiece $piece): Response
    {
        $case = $this->owner($number, $piece);
        $this->entityManager->remove($piece);

        return $this->kept($case);
    }

    private function owner(string $number, KitPiece $piece): CaseFile
    {
        $case = $this->gate->find($number);

        return $piece->case === $case ? $case : throw $this->createNotFoundException();
    }

    private function kept(CaseFile $case): Response
    {
        $this->entityManager->flush();

        return $this->redirectToRoute('repair', ['number' => $case->number, '_fragment' => 'pieces'], Response::HTTP_SEE_OTHER);
    }
}
