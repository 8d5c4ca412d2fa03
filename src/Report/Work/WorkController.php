<?php

declare(strict_types=1);

namespace App\Report\Work;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Account\WhoSigns;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Report\Repository\WorkReportRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The work report: what it would say now, and those that were signed. */
final class WorkController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly WorkText $text,
        private readonly WorkReportRepository $workReports,
        private readonly CasePages $pages,
    ) {
    }

    #[Route('/cases/{number}/work-report', name: 'work_report', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page($this->gate->find($number));
    }

    #[Route('/cases/{number}/work-report', name: 'work_report_sign', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function sign(string $number, Request $request, WhoSigns $who, CurrentPerson $person, SignWork $sign): Response
    {
        $case = $this->gate->find($number);
        $refusal = $who->refusal($request);
        if (null !== $refusal) {
            $this->addFlash('refused', $refusal);

            return $this->page($case, 422);
        }
        $sign($case, $person->get());

        return $this->redirectToRoute('work_report', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/work-reports/{id}', name: 'work_report_state', methods: ['GET'])]
    public function state(WorkReport $report): Response
    {
        return $this->render('report/work/_state.html.twig', ['report' => $report]);
    }

    #[Route('/work-reports/{id}/{name}.pdf', name: 'work_report_pdf', methods: ['GET'])]
    public function pdf(WorkReport $report, StoredFiles $stored): Response
    {
        return $stored->send(
            'work',
            $report->hash ?? throw new ShopError('This report is not made yet.', 404),
            'application/pdf',
            $report->name().'.pdf',
        );
    }

    /** @return list<WorkReport> the last first */
    private function signed(CaseFile $case): array
    {
        return $this->workReports->newestFirst($case);
    }

    private function page(CaseFile $case, int $status = 200): Response
    {
        $body = $this->text->write($case);
        $signed = $this->signed($case);
        $shown = (string) preg_replace_callback(
            '~src="([0-9a-f-]{36})\.jpg"~',
            fn (array $found): string => \sprintf(
                'src="%s" loading="lazy"',
                $this->generateUrl('picture', ['id' => $found[1], 'size' => 480]),
            ),
            $body,
        );

        return $this->pages->show($case, 'report/work/work.html.twig', [
            'body' => $shown,
            'signed' => $signed,
            'news' => $this->text->hasWork($case) && WorkReport::digestOf($body) !== ($signed[0]->digest ?? ''),
        ], $status);
    }
}
