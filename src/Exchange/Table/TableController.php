<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\CurrentPerson;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Cases, readings and finds from a table: sent or typed, looked at, then taken. What was sent stays in the field whatever is wrong. */
final class TableController extends AbstractController
{
    public function __construct(
        private readonly TakeTable $take,
        private readonly Sheets $sheets,
        private readonly CaseGate $gate,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/exchange/tables/{of<cases>}', name: 'table_in', methods: ['GET'])]
    #[Route('/cases/{number}/tables/{of<readings|findings>}', name: 'table_in_case', methods: ['GET'])]
    public function page(TableKind $of, ?string $number = null): Response
    {
        return $this->show($of, $this->case($of, $number), '');
    }

    #[Route('/exchange/tables/{of<cases>}', name: 'table_take', methods: ['POST'])]
    #[Route('/cases/{number}/tables/{of<readings|findings>}', name: 'table_take_case', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function take(TableKind $of, Request $request, ?string $number = null): Response
    {
        $case = $this->case($of, $number);
        $file = $request->files->get('file');
        $text = $request->request->getString('table');
        try {
            if ($file instanceof UploadedFile && $file->isValid()) {
                $text = $this->sheets->text($file->getPathname());
            }
            $table = $this->take->preview($of, $text, $case, $this->person->get());
        } catch (ShopError $error) {
            return $this->show($of, $case, mb_scrub($text), error: $error->getMessage());
        }
        $taken = $request->request->has('take') ? $this->take->take($table, $request->request->has('without')) : 0;
        if (0 === $taken) {
            return $this->show($of, $case, $table->typed->text, $table);
        }
        $this->addFlash('kept', \sprintf('%d %s taken in.', $taken, 1 === $taken ? 'line' : 'lines'));

        return null === $case
            ? $this->redirectToRoute('exchange', status: Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute($of->page(), ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    private function case(TableKind $of, ?string $number): ?CaseFile
    {
        $this->denyAccessUnlessGranted($of->permission());

        return null === $number ? null : $this->gate->open($number, $of->permission());
    }

    private function show(TableKind $of, ?CaseFile $case, string $text, ?PlannedTable $table = null, string $error = ''): Response
    {
        return $this->render('exchange/table.html.twig', [
            'of' => $of,
            'case' => $case,
            'rows' => $this->take->rows($of),
            'text' => $text,
            'table' => $table,
            'error' => $error,
            'readsSheets' => $this->sheets->readsSheets(),
        ], new Response(status: '' === $error && [] === $table?->refused() || '' === $text ? 200 : 422));
    }
}
