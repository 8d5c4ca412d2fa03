<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\ExampleInput;
use App\Evidence\Repository\ReferenceRepository;
use App\Intake\CaseGate;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
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
    public function keep(
        string $number,
        Photo $photo,
        #[MapRequestPayload] ExampleInput $typed,
        CaseGate $gate,
        CurrentPerson $person,
        KeepExample $example,
    ): Response {
        $case = $gate->find($number);
        if ($photo->case !== $case) {
            throw $this->createNotFoundException();
        }
        $example(
            $photo,
            $typed->grade,
            $typed->mode,
            $typed->words,
            $person->get(),
        );

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
