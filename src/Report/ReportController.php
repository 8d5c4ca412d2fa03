<?php

declare(strict_types=1);

namespace App\Report;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Report\Repository\ReportRepository;
use App\Verdict\Signing;
use App\Verdict\Verdict;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final class ReportController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly ReportRepository $reports,
    ) {
    }

    #[Route('/cases/{number}/report', name: 'report', methods: ['GET'])]
    public function show(
        string $number,
        Signing $signing,
        ReportText $text,
        CasePages $pages,
        #[MapQueryParameter] ReportFor $for = ReportFor::Whole,
    ): Response {
        $case = $this->gate->find($number);

        $verdict = $signing->current($case);
        $words = $this->asSigned($verdict) ?: $text->body($case, $verdict);
        $isOffered = ReportFor::isOffered($words);

        return $pages->show($case, 'report/report.html.twig', [
            'verdict' => $verdict,
            'text' => $isOffered ? $for->of($words) : $words,
            'for' => $for,
            'copies' => $isOffered ? ReportFor::cases() : [],
            'reports' => $this->reports->newestFirst($case, 8),
        ]);
    }

    #[Route('/cases/{number}/report', name: 'report_make', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    #[IsGranted(Permission::PHOTOGRAPH)]
    public function make(
        string $number,
        Request $request,
        MessageBusInterface $bus,
        Signing $signing,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->find($number);
        $verdict = $signing->current($case);
        $for = $request->request->getEnum('for', ReportFor::class, ReportFor::Whole);
        $text = $verdict->reportText();
        if (ReportFor::Whole !== $for && null !== $text && !ReportFor::isOffered($text->body)) {
            throw new ShopError('This report was signed before copies for others were kept: there is the whole of it alone.', 409);
        }
        $report = new Report($case, $this->entityManager->contains($verdict) ? $verdict : null, $person->get(), $for);
        $this->entityManager->persist($report);
        $this->entityManager->flush();
        $bus->dispatch(new MakeReport($report->id));

        return $this->redirectToRoute('report', ['number' => $case->number, 'for' => $for->value], Response::HTTP_SEE_OTHER);
    }

    /** The words of a signed report as they are kept, with its pictures from here; empty while there are none. */
    private function asSigned(Verdict $verdict): string
    {
        // What styles a drawing on paper stands within it; a page has its own style and allows no other.
        $text = (string) preg_replace('~<style>.*?</style>~s', '', $verdict->reportText()->body ?? '');
        $text = (string) preg_replace_callback(
            '~href="#plate-([0-9a-f-]{36})"~',
            fn (array $found): string => \sprintf('href="%s"', $this->generateUrl('photo', [
                'number' => $verdict->case->number, 'id' => $found[1],
            ])),
            $text,
        );

        return (string) preg_replace_callback(
            '~(src|href)="([0-9a-f-]{36})\.jpg"~',
            fn (array $found): string => \sprintf(
                '%s="%s"%s',
                $found[1],
                $this->generateUrl('picture', ['id' => $found[2], 'size' => 480]),
                'src' === $found[1] ? ' loading="lazy"' : '',
            ),
            $text,
        );
    }

    /** Where the making of it stands; asked again and again while it is made. */
    #[Route('/reports/{id}', name: 'report_state', methods: ['GET'])]
    public function state(Report $report): Response
    {
        return $this->render('report/_state.html.twig', ['report' => $report]);
    }

    #[Route('/reports/{id}/{name}.pdf', name: 'report_pdf', methods: ['GET'])]
    public function pdf(Report $report, string $name, StoredFiles $stored): Response
    {
        if (null === $report->hash) {
            throw new ShopError('This report is not made yet.', 404);
        }

        return $stored->send('reports', $report->hash, 'application/pdf', self::name($report).'.pdf');
    }

    public static function name(Report $report): string
    {
        return $report->case->number.'-report'.(null === $report->verdict ? '' : '-r'.$report->verdict->revision)
            .(ReportFor::Whole === $report->for ? '' : '-'.$report->for->value);
    }
}
