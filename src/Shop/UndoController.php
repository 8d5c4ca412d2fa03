<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\CurrentPerson;
use App\Account\Role;
use App\Account\Undo\Undo;
use App\Account\Undo\UndoError;
use App\Account\Undo\UndoStep;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Takes back what was done to a case, and does it again. */
final class UndoController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly Undo $undo,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/undo/{id}', name: 'undo', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function takeBack(string $number, UndoStep $step, Request $request): Response
    {
        $case = $this->mayAct($number, $step);
        try {
            $this->undo->takeBack($step, $this->person->get(), $case->signedAt);
        } catch (UndoError $error) {
            throw new ShopError($error->getMessage(), 409, $error);
        }

        return $this->back($case, $request);
    }

    #[Route('/cases/{number}/redo/{id}', name: 'redo', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function doAgain(string $number, UndoStep $step, Request $request): Response
    {
        $case = $this->mayAct($number, $step);
        try {
            $this->undo->doAgain($step, $this->person->get(), $case->signedAt);
        } catch (UndoError $error) {
            throw new ShopError($error->getMessage(), 409, $error);
        }

        return $this->back($case, $request);
    }

    private function mayAct(string $number, UndoStep $step): CaseFile
    {
        if (Role::Viewer === $this->person->get()->role) {
            throw new AccessDeniedException();
        }
        $case = $this->gate->find($number);

        return $step->caseId->equals($case->id) ? $case : throw new ShopError('That was done in another case.', 404);
    }

    /** To the page on which it was pressed. */
    private function back(CaseFile $case, Request $request): Response
    {
        $from = $request->headers->get('HX-Current-URL') ?? $request->headers->get('Referer') ?? '';
        $path = (string) parse_url($from, \PHP_URL_PATH);
        $query = (string) parse_url($from, \PHP_URL_QUERY);
        $ours = str_starts_with($path, '/cases/'.$case->number.'/');

        return $this->redirect(
            $ours ? $path.('' === $query ? '' : '?'.$query) : $this->generateUrl('history', ['number' => $case->number]),
            Response::HTTP_SEE_OTHER,
        );
    }
}
