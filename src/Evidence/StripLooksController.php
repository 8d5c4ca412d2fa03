<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\LookAnswerInput;
use App\Intake\CaseGate;
use App\Intake\Stage;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The answer to a look before a part comes off is a finding of the part. */
final class StripLooksController extends AbstractController
{
    #[Route('/cases/{number}/strip/{step}/look', name: 'strip_look', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function answer(
        string $number,
        string $step,
        #[MapRequestPayload] LookAnswerInput $typed,
        CaseGate $gate,
        BookShelf $shelf,
        CurrentPerson $person,
        RecordFinding $record,
    ): Response {
        $case = $gate->open($number, Permission::BENCH);
        $book = $shelf->book($case->family, $case->is());
        $known = $book->strip[$step] ?? throw new ShopError('The book has no such strip step.', 404);
        if (!\in_array($typed->look, $known->look, true)) {
            throw new ShopError('The book has no such look at this step.', 404);
        }
        $part = $book->part($typed->part) ?? throw new ShopError('On which part is that seen?', 422);
        $mode = $shelf->modes()->get($typed->mode)?->key;
        $finding = new Finding($case, $part->key);
        if (null === $mode) {
            $finding->noted('' === $typed->note ? 'looked, nothing of note' : $typed->note);
        } elseif ($typed->grade < 1 || $typed->grade > 4) {
            throw new ShopError('Damage has a grade from 1 to 4.', 422);
        } else {
            $finding->sawDamage($mode, $typed->grade, $typed->note);
        }
        $finding->answers($step, $typed->look);
        $record($finding, $person->get(), Stage::Strip);

        return $this->redirectToRoute('strip', ['number' => $case->number, 'step' => $step], Response::HTTP_SEE_OTHER);
    }
}
