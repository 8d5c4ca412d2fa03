<?php

declare(strict_types=1);

namespace App\Library;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Books\Repository\ShopWordRepository;
use App\Books\ShopWord;
use App\Intake\CaseGate;
use App\Library\Form\SideInput;
use App\Library\Repository\SchoolPickRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A shop's own ways: what it calls a part, which side it takes where schools differ, and which was used in a case. */
final class ShopWaysController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
        private readonly ShopWordRepository $words,
        private readonly SchoolPickRepository $picks,
    ) {
    }

    #[Route('/library/{family}/words/{part}', name: 'shop_word', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function word(string $family, string $part, Request $request): Response
    {
        $this->shelf->book($family)->part($part) ?? throw new ShopError('The book has no such part.', 404);
        $word = mb_substr(trim((string) $request->request->get('word', '')), 0, 60);
        $kept = $this->words->ofPart($family, $part);
        if ('' === $word) {
            if (null !== $kept) {
                $this->entityManager->remove($kept);
            }
        } else {
            $kept ??= new ShopWord($family, $part, $word);
            $kept->word = $word;
            $this->entityManager->persist($kept);
        }
        $this->entityManager->flush();
        $this->shelf->forget($family);

        return $this->redirectToRoute('library_book', ['family' => $family, '_fragment' => $part], Response::HTTP_SEE_OTHER);
    }

    #[Route('/library/{family}/choices/{choice}', name: 'shop_choice', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function choose(string $family, string $choice, #[MapRequestPayload] SideInput $typed, CaseGate $gate): Response
    {
        $side = $typed->side;
        if (!isset($this->shelf->book($family)->upkeep->choices[$choice]->sides[$side])) {
            throw new ShopError('The book has no such side.', 404);
        }
        $case = '' === $typed->case ? null : $gate->open($typed->case, Permission::ANALYSE);
        $pick = $this->picks->one($family, $choice, $case) ?? new SchoolPick($family, $choice, $case);
        $pick->take($side, $this->person->get());
        $this->entityManager->persist($pick);
        $this->entityManager->flush();

        return null === $case
            ? $this->redirectToRoute('library_book', ['family' => $family, '_fragment' => 'repair'], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('parts', ['number' => $case->number, '_fragment' => 'choices'], Response::HTTP_SEE_OTHER);
    }
}
