<?php

declare(strict_types=1);

namespace App\Report;

use App\Evidence\PictureSize;
use App\Evidence\ShownPictures;
use App\Platform\PdfTool;
use App\Platform\StoredFiles;
use App\Report\Repository\ReportRepository;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Twig\Environment;

/** Makes the PDF step by step. Each step can be done again, so that a worker that dies loses nothing. */
#[AsMessageHandler]
final readonly class MakeReportHandler
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private PaperMaker $maker,
        private ReportText $text,
        private ShownPictures $shown,
        private StoredFiles $stored,
        private Signing $signing,
        private PdfTool $pdf,
        private Environment $twig,
        private string $projectDir,
        private ReportRepository $reports,
    ) {
    }

    public function __invoke(MakeReport $message): void
    {
        $this->maker->make($this->reports->find($message->report), $this->make(...));
    }

    private function make(Report $report, string $folder): void
    {
        $this->maker->step($report, 10, 'gathering the case');
        $photos = $this->text->shown($report->case);
        foreach ($photos as $i => $photo) {
            $this->maker->step(
                $report,
                15 + (int) (45 * $i / max(1, \count($photos))),
                \sprintf('photo %d of %d', $i + 1, \count($photos)),
            );
            file_put_contents($folder.'/'.$photo->id.'.jpg', $this->shown->open($photo->picture->hash, PictureSize::Screen));
        }
        $this->maker->step($report, 62, 'drawing the chain');
        $verdict = $report->verdict ?? $this->signing->current($report->case);
        $text = $verdict->reportText() ?? $this->text->write($report->case, $verdict);
        $html = $this->twig->render('report/pdf.html.twig', [
            'case' => $report->case,
            'verdict' => $verdict,
            'text' => $text->copy($report->for->of(...)),
            'for' => $report->for,
            'assets' => 'file://'.$this->projectDir.'/assets',
            'made' => $verdict->secondAt ?? $report->madeAt,
            'bywhom' => $verdict->secondAs ?: $report->byWhom,
        ]);
        $this->maker->step($report, 70, 'setting the pages');
        $target = $folder.'/report.pdf';
        $this->pdf->make($html, $folder, $target);
        $this->maker->step($report, 95, 'storing it');
        $report->kept($this->stored->keep('reports', $target), $target);
        $this->entityManager->flush();
    }
}
