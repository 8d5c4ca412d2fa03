<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Lessons\Form\LessonInput;
use App\Lessons\Repository\LessonRepository;
use App\Platform\Words;
use Japhrex\Core\Memory\LessonError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What cases taught: written in a case, agreed to by a second person, met again, retired with a reason. */
final class LessonsController extends AbstractController
{
    public function __construct(
        private readonly Lessons $lessons,
        private readonly LessonRepository $all,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/lessons', name: 'lessons', methods: ['GET'])]
    public function show(): Response
    {
        return $this->page([]);
    }

    #[Route('/cases/{number}/lessons', name: 'lesson_keep', methods: ['POST'])]
    #[IsGranted(Permission::PHOTOGRAPH)]
    #[IsCsrfTokenValid('act')]
    public function keep(string $number, #[MapRequestPayload] LessonInput $said, CaseGate $gate): Response
    {
        $case = $gate->find($number);
        try {
            $this->lessons->keep($case, $said, $this->person->get());
        } catch (LessonError $error) {
            return $this->page(['case' => $case, 'said' => $said, 'refused' => $error->getMessage()]);
        }
        $this->addFlash('kept', 'Kept. When somebody else agrees to it, it is met again there.');

        return $this->redirectToRoute('lessons', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/lessons/{id}/agree', name: 'lesson_agree', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function agree(string $id): Response
    {
        try {
            $this->lessons->agree($id, $this->person->get());
        } catch (LessonError $error) {
            return $this->page(['lesson' => $id, 'refused' => $error->getMessage()]);
        }

        return $this->redirectToRoute('lessons', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/lessons/{id}/retire', name: 'lesson_retire', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function retire(string $id, Request $request): Response
    {
        try {
            $this->lessons->retire($id, $this->person->get(), Words::of($request->request->getString('why'), 500));
        } catch (LessonError $error) {
            return $this->page(['lesson' => $id, 'refused' => $error->getMessage()]);
        }

        return $this->redirectToRoute('lessons', status: Response::HTTP_SEE_OTHER);
    }

    /** @param array<string, mixed> $refused */
    private function page(array $refused): Response
    {
        $titles = [];
        foreach ($this->shelf->all() as $book) {
            $titles[$book->key] = $book->title;
        }

        return $this->render(
            'lessons/lessons.html.twig',
            ['lessons' => $this->all->newestFirst(), 'titles' => $titles, 'refusal' => $refused],
            new Response(status: [] === $refused ? 200 : 422),
        );
    }
}
