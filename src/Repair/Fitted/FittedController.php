<?php

declare(strict_types=1);

namespace App\Repair\Fitted;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\Words;
use App\Repair\Repository\FittedPartRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Which bought parts went into a unit, by batch and date code. It goes on after the case is signed, as the build does. */
final class FittedController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly CasePages $pages,
        private readonly FittedPartRepository $fitted,
        private readonly BookShelf $shelf,
        private readonly EntityManagerInterface $entityManager,
    ) {
    }

    #[Route('/cases/{number}/fitted', name: 'fitted', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page($this->gate->find($number), []);
    }

    #[Route('/cases/{number}/fitted', name: 'fitted_add', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function add(string $number, Request $request, CurrentPerson $person): Response
    {
        $case = $this->gate->find($number);
        $typed = [];
        foreach (['part' => 60, 'supplier' => 120, 'batch' => FittedPart::LONGEST, 'dateCode' => FittedPart::LONGEST] as $field => $most) {
            $typed[$field] = Words::of($request->request->getString($field), $most);
        }
        if (!isset($this->shelf->book($case->family, $case->is())->parts[$typed['part']])) {
            return $this->page($case, $typed + ['refused' => 'Which part is it? Pick one of this unit.']);
        }
        if ('' === $typed['batch'].$typed['dateCode']) {
            return $this->page($case, $typed + [
                'refused' => 'Without a batch or a date code it cannot be called back: write down what stands on it.',
            ]);
        }
        $this->entityManager->persist(
            new FittedPart($case, $typed['part'], $typed['supplier'], $typed['batch'], $typed['dateCode'], $person->get()),
        );
        $this->entityManager->flush();

        return $this->redirectToRoute('fitted', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/fitted/{id}/drop', name: 'fitted_drop', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function drop(string $number, string $id): Response
    {
        $case = $this->gate->find($number);
        $one = $this->fitted->one($case, $id) ?? throw $this->createNotFoundException();
        $this->entityManager->remove($one);
        $this->entityManager->flush();

        return $this->redirectToRoute('fitted', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /** @param array<string, string> $typed */
    private function page(CaseFile $case, array $typed): Response
    {
        return $this->pages->show(
            $case, 'repair/fitted.html.twig', ['fitted' => $this->fitted->ofCase($case), 'typed' => $typed], [] === $typed ? 200 : 422,
        );
    }
}
