<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Form\MarkInput;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\MarkShape;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** Marks on photos. */
final class MarksController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly FindingRepository $findings,
    ) {
    }

    #[Route('/cases/{number}/photos/{id}/marks', name: 'mark_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addMark(
        string $number,
        Photo $photo,
        #[MapRequestPayload] MarkInput $typed,
        CurrentPerson $person,
        MarkPhoto $mark,
    ): Response {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $photo);
        $shape = MarkShape::tryFrom($typed->shape) ?? throw new ShopError(
            'A mark is a point, a line, a box, an ellipse, an outline, an arrow or a stroke.'
        );
        $points = json_decode($typed->points, true);
        $mark(
            $photo,
            $shape,
            \is_array($points) ? $points : [],
            $typed->mode,
            $typed->grade,
            $typed->note,
            $person->get(),
            $this->finding($photo, $typed->finding),
        );

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }

    private function finding(Photo $photo, string $id): ?Finding
    {
        return !Uuid::isValid($id) ? null : $this->findings->onePart($photo->case, $photo->part, $id);
    }

    #[Route('/cases/{number}/marks/{id}/remove', name: 'mark_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeMark(string $number, Mark $mark): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $mark->photo);
        $this->entityManager->remove($mark);
        $this->entityManager->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $mark->photo->id], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(CaseFile $case, Photo $photo): CaseFile
    {
        return $photo->case === $case ? $case : throw $this->createNotFoundException();
    }
}
