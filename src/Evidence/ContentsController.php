<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Form\ContentInput;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Checks the contents of a unit; what does not belong becomes a finding of an earlier repair. */
final class ContentsController extends AbstractController
{
    #[Route('/cases/{number}/contents', name: 'content_check', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function check(
        string $number,
        #[MapRequestPayload] ContentInput $typed,
        CaseGate $gate,
        Contents $contents,
        EntityManagerInterface $entityManager,
        CurrentPerson $person,
        RecordFinding $record,
    ): Response {
        $case = $gate->open($number, Permission::BENCH);
        [$part, $what, $found] = [$typed->part, $typed->what, $typed->found];
        $differs = 'yes' === $typed->differs;
        foreach ($contents->rowsOf($case) as $one) {
            if ($one->content->part !== $part || $one->content->what !== $what) {
                continue;
            }
            if ($differs && '' === $found) {
                throw new ShopError('What is in it instead?', 422);
            }
            $check = $one->check ?? new ContentCheck($case, $part, $what);
            $news = $check->looked($found, $differs, $person->get());
            $entityManager->persist($check);
            if ($news) {
                $finding = new Finding($case, $part);
                $should = '' === $one->should ? '' : '; this model should have '.$one->should;
                $finding->sawDamage('assembly-fault', 2, "Earlier repair: $what found $found$should.");
                $record($finding, $person->get());
            }
            $entityManager->flush();

            return $this->redirectToRoute('parts', ['number' => $case->number, '_fragment' => 'contents'], Response::HTTP_SEE_OTHER);
        }
        throw new ShopError('The book asks for no such thing.', 404);
    }
}
