<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Repair\Build\Form\AdjusterInput;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** How adjusters were left. */
final class AdjusterController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly Adjusters $adjusters,
        private readonly BuildPage $page,
    ) {
    }

    /** How an adjuster was left. It may be written at any time of the build. */
    #[Route('/cases/{number}/adjusters', name: 'build_adjuster', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function adjuster(string $number, #[MapRequestPayload] AdjusterInput $typed, CurrentPerson $person): Response
    {
        $case = $this->gate->find($number);
        [$place, $left] = [$typed->place, $typed->left];
        try {
            $this->entityManager->persist($this->adjusters->left($case, $place, $left, $person->get()));
        } catch (\DomainException $e) {
            return $this->page->show($case, ['place' => $place, 'left' => $left, 'refused' => $e->getMessage()]);
        }
        $this->entityManager->flush();

        return $this->redirectToRoute('build', ['number' => $case->number, '_fragment' => 'adjusters'], Response::HTTP_SEE_OTHER);
    }
}
