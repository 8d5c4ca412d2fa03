<?php

declare(strict_types=1);

namespace App\Memory\Batch;

use App\Account\OurShop;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\Repository\CaseFileRepository;
use App\Platform\PdfTool;
use App\Platform\WorkFolder;
use App\Proof\Standings;
use App\Repair\Fitted\FittedPart;
use App\Repair\Repository\FittedPartRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A batch of parts: which units out there have it, who owns them, and a letter for each. */
final class BatchController extends AbstractController
{
    public function __construct(
        private readonly FittedPartRepository $fitted,
        private readonly Standings $standings,
        private readonly CaseFileRepository $cases,
        private readonly BookShelf $shelf,
        private readonly OurShop $shop,
    ) {
    }

    #[Route('/batches', name: 'batches', methods: ['GET'])]
    public function find(Request $request): Response
    {
        $mark = trim($request->query->getString('mark'));

        return '' === $mark
            ? $this->render('memory/batch.html.twig', ['mark' => '', 'rows' => []])
            : $this->redirectToRoute('batch', ['mark' => $mark]);
    }

    #[Route('/batches/{mark}', name: 'batch', requirements: ['mark' => '.+'], methods: ['GET'])]
    public function show(string $mark): Response
    {
        return $this->render('memory/batch.html.twig', ['mark' => $mark, 'rows' => $this->rows($mark)]);
    }

    /** A letter for each owner of a unit that is out there with it. */
    #[Route('/batches-letters', name: 'batch_letters', methods: ['GET'])]
    #[IsGranted(Permission::CLAIM)]
    public function letters(Request $request, PdfTool $pdf): Response
    {
        $mark = trim($request->query->getString('mark'));
        $owners = [];
        foreach ($this->rows($mark) as $row) {
            if ($row->isOutThere()) {
                $owners[$row->fitted->case->customer][] = $row;
            }
        }
        if ([] === $owners) {
            throw $this->createNotFoundException('No unit with this batch is out there.');
        }
        $html = $this->renderView('memory/letters.html.twig', [
            'owners' => $owners, 'mark' => $mark, 'ours' => $this->shop->settings(), 'why' => trim($request->query->getString('why')),
        ]);
        $made = '';
        WorkFolder::during(static function (string $folder) use ($pdf, $html, &$made): void {
            $pdf->make($html, $folder, $folder.'/letters.pdf');
            $made = (string) file_get_contents($folder.'/letters.pdf');
        });

        return new Response($made, 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => HeaderUtils::makeDisposition('inline', 'letters.pdf'),
        ]);
    }

    /** @return list<BatchUnit> */
    private function rows(string $mark): array
    {
        $fitted = $this->fitted->marked($mark);
        $out = $this->standings->out(array_map(static fn (FittedPart $one) => $one->case, $fitted));
        $again = $this->cases->cameInAgain(array_map(static fn (FittedPart $one): string => (string) $one->case->id, $fitted));

        return array_map(fn (FittedPart $one): BatchUnit => new BatchUnit(
            $one,
            $this->shelf->book($one->case->family)->parts[$one->part]->name ?? $one->part,
            isset($out[(string) $one->case->id]),
            $again[(string) $one->case->id] ?? null,
        ), $fitted);
    }
}
