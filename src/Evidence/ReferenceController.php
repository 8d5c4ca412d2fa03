<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Repository\ReferenceRepository;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The reference collection: what good parts and each grade look like, out of the shop's own cases. */
final class ReferenceController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entityManager, private readonly ReferenceRepository $references)
    {
    }

    #[Route('/library/reference', name: 'library_reference', methods: ['GET'], priority: 1)]
    public function all(BookShelf $shelf): Response
    {
        $families = [];
        foreach ($this->references->byFamily() as $family => $parts) {
            $families[] = ['book' => $shelf->book($family), 'parts' => $parts];
        }

        return $this->render('evidence/reference.html.twig', ['families' => $families, 'modes' => $shelf->modes()]);
    }

    /** Puts a photo into the collection, or says anew what it is an example of. Signed cases give examples too: nothing in them changes. */
    #[Route('/cases/{number}/photos/{id}/reference', name: 'reference_keep', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    #[IsGranted(Permission::ANALYSE)]
    public function keep(string $number, Photo $photo, Request $request, CaseGate $gate, CurrentPerson $person, BookShelf $shelf): Response
    {
        $case = $gate->find($number);
        if ($photo->case !== $case) {
            throw $this->createNotFoundException();
        }
        if (null === $photo->part) {
            throw new ShopError('An example shows a part: say first which one this photo shows.', 422);
        }
        $grade = $request->request->getInt('grade', -1);
        if ($grade < 0 || $grade > 4) {
            throw new ShopError('An example is of a grade from 0, a good one, to 4.', 422);
        }
        $mode = 0 === $grade ? null : $shelf->modes()->get((string) $request->request->get('mode', ''))?->key;
        if ($grade > 0 && null === $mode) {
            throw new ShopError('Of which kind of damage is it an example?', 422);
        }
        $known = $this->references->ofPhoto($photo);
        $one = $known ?? new Reference($photo, $grade, $mode, '', '');
        [$one->grade, $one->mode, $one->words, $one->byWhom] = [
            $grade,
            $mode,
            mb_substr(trim((string) $request->request->get('words', '')), 0, 300),
            $person->get()->name,
        ];
        $this->entityManager->persist($one);
        $this->entityManager->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/reference/{id}/remove', name: 'reference_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    #[IsGranted(Permission::ANALYSE)]
    public function remove(Reference $one): Response
    {
        $this->entityManager->remove($one);
        $this->entityManager->flush();

        return $this->redirectToRoute('library_reference', status: Response::HTTP_SEE_OTHER);
    }
}
