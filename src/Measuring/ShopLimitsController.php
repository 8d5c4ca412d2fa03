<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Measuring\Form\ShopLimitInput;
use App\Measuring\Repository\ShopLimitRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Measuring\MeasuringError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** An analyst enters what the maker's manual says; the shipped book stays as it is. */
final class ShopLimitsController extends AbstractController
{
    #[Route('/library/{family}/limits/{part}/{field}', name: 'shop_limit', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function save(
        string $family,
        string $part,
        string $field,
        #[MapRequestPayload] ShopLimitInput $typed,
        BookShelf $shelf,
        EntityManagerInterface $entityManager,
        ShopLimitRepository $limits,
        CurrentPerson $person,
    ): Response {
        $known = $shelf->book($family)->part($part)->fields[$field] ?? throw new ShopError('The book has no such reading.', 404);
        $limit = $limits->inForce($family, $part, $field);
        $now = now();
        if ('' !== $typed->min.$typed->max) {
            $next = new ShopLimit($family, $part, $field);
            $next->begin($typed, $now, $person->get());
            try {
                '' !== $next->source || throw MeasuringError::noSource();
                $known->with($next->set($known))->limits();
            } catch (\DomainException $error) {
                throw new ShopError($error->getMessage(), 422);
            }
            $entityManager->persist($next);
        }
        $limit?->end($now);
        $entityManager->flush();

        return $this->redirectToRoute('library_book', ['family' => $family, '_fragment' => $part], Response::HTTP_SEE_OTHER);
    }
}
