<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Form\PairInput;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Pairs of pictures that are kept as evidence, and taken back. */
final class PairsController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly EntityManagerInterface $entityManager,
        private readonly PhotoRepository $photos,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/pairs', name: 'pair_keep', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function keep(string $number, #[MapRequestPayload] PairInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        [$left, $right] = [$this->photos->withId($typed->left), $this->photos->withId($typed->right)];
        if (null === $left || null === $right || $left->case !== $case) {
            throw $this->createNotFoundException();
        }
        if ('' === $typed->words) {
            throw new ShopError('What do the two show together? In a sentence: it stands below them in the report.', 422);
        }
        $this->entityManager->persist(new PhotoPair($case, $left, $right, $typed->words, $this->person->get()));
        $this->entityManager->flush();

        return $this->redirectToRoute('photo_compare', [
            'number' => $case->number, 'left' => $left->id, 'right' => $right->id, '_fragment' => 'pairs',
        ], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/pairs/{id}/remove', name: 'pair_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, PhotoPair $pair): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($pair->case !== $case) {
            throw $this->createNotFoundException();
        }
        $back = ['number' => $case->number, 'left' => $pair->left->id, 'right' => $pair->right->id];
        $this->entityManager->remove($pair);
        $this->entityManager->flush();

        return $this->redirectToRoute('photo_compare', $back, Response::HTTP_SEE_OTHER);
    }
}
