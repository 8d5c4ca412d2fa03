<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\Day;
use App\Platform\ShopError;
use App\Verdict\Form\InspectionInput;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Both sides at the parts together. It goes on after a case is signed. */
final class InspectionController extends AbstractController
{
    #[Route('/cases/{number}/inspections', name: 'inspection', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(
        string $number,
        #[MapRequestPayload] InspectionInput $typed,
        CaseGate $gate,
        EntityManagerInterface $entityManager,
        CurrentPerson $person,
    ): Response {
        $this->denyAccessUnlessGranted(Permission::CLAIM);
        $case = $gate->find($number);
        $day = Day::of($typed->day);
        if (null === $day || $day > now('tomorrow')) {
            throw new ShopError('On which day was it? One that has come, such as 2026-03-01.', 422);
        }
        if ('' === $typed->present || '' === $typed->agreed) {
            throw new ShopError('Who was there, each for whom, and what do both say? “Nothing” is an answer too.', 422);
        }
        $entityManager->persist(new JointInspection($case, $day, $typed->present, $typed->agreed, $typed->open, $person->get()));
        $entityManager->flush();

        return $this->redirectToRoute('warranty', ['number' => $case->number, '_fragment' => 'inspections'], Response::HTTP_SEE_OTHER);
    }
}
