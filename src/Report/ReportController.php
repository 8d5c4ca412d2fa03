<?php

declare(strict_types=1);

namespace App\Report;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Report\Repository\ReportRepository;
use App\Verdict\Signing;
use App\Verdict\Verdict;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final class ReportController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ReportRepository $reports,
    ) {
    }

    #[Route('/cases/{number}/report', name: 'report', methods: ['GET'])]
    public function show(string $number, Signing $signing, ReportView $view, CasePages $pages): Response
    {
        $case = $this->gate->find($number);

        $verdict = $signing->current($case);
        $signed = $this->asSigned($verdict);

        return $pages->show($case, 'report/report.html.twig', [
            'modes' => $this->shelf->modes(),
            'told' => $this->shelf->mechanismBook()->vocabulary,
            'verdict' => $verdict,
            'signed' => $signed,
            'reports' => $this->reports->newestFirst($case, 8),
        ] + ('' === $signed ? $view->gather($case, $verdict) : []));
    }

    #[Route('/cases/{number}/report', name: 'report_make', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    #[IsGranted(Permission::PHOTOGRAPH)]
    public function make(string $number, MessageBusInterface $bus, Signing $signing, CurrentPerson $person): Response
    {
        $case = $this->gate->find($number);
        $verdict = $signing->current($case);
        $report = new Report($case, $this->entityManager->contains($verdict) ? $verdict : null, $person->get());
        $this->entityManager->persist($report);
        $this->entityManager->flush();
        $bus->dispatch(new MakeReport($report->id));

        return $this->redirectToRoute('report', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /** The words of a signed report as they are kept, with its pictures from here; empty while there are none. */
    private function asSigned(Verdict $verdict): string
    {
        // What styles a drawing on paper stands within it; a page has its own style and allows no other.
        $text = (string) preg_replace('~<style>.*?</style>~s', '', $verdict->reportText()['body'] ?? '');

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
        return $report->case->number.'-report'.(null === $report->verdict ? '' : '-r'.$report->verdict->revision);
    }
}
