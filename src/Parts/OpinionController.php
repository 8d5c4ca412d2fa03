<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Finding;
use App\Evidence\Judgement;
use App\Intake\CaseGate;
use App\Parts\Form\OpinionInput;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A second opinion on a find: it stands beside the first, and where they differ the find weighs less. */
final class OpinionController extends AbstractController
{
    #[Route('/cases/{number}/findings/{id}/opinion', name: 'finding_opinion', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(
        string $number,
        Finding $finding,
        #[MapRequestPayload] OpinionInput $typed,
        CaseGate $gate,
        CurrentPerson $person,
        EntityManagerInterface $entityManager,
    ): Response {
        $case = $gate->open($number, Permission::BENCH);
        if ($finding->case !== $case) {
            throw $this->createNotFoundException();
        }
        $who = $person->get();
        if ($finding->byWhom === $who->signsAs()) {
            throw new ShopError('It is your own find: change it. A second opinion is somebody else\'s.', 409);
        }
        [$kind, $grade] = $typed->judged();
        $finding->otherwise(
            new Judgement($who->signsAs(), now(), $kind, 0 === $grade ? null : $finding->mode, $grade, $typed->because),
        );
        $entityManager->flush();

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $finding->part], Response::HTTP_SEE_OTHER);
    }
}
