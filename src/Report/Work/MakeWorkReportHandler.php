<?php

declare(strict_types=1);

namespace App\Report\Work;

use App\Evidence\PictureSize;
use App\Evidence\ShownPictures;
use App\Platform\PdfTool;
use App\Platform\StoredFiles;
use App\Report\PaperMaker;
use App\Report\Repository\WorkReportRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Twig\Environment;

#[AsMessageHandler]
final readonly class MakeWorkReportHandler
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private PaperMaker $maker,
        private WorkText $text,
        private ShownPictures $shown,
        private StoredFiles $stored,
        private PdfTool $pdf,
        private Environment $twig,
        private string $projectDir,
        private WorkReportRepository $reports,
    ) {
    }

    public function __invoke(MakeWorkReport $message): void
    {
        $this->maker->make($this->reports->find($message->report), $this->make(...));
    }

    private function make(WorkReport $report, string $folder): void
    {
        $this->maker->step($report, 20, 'setting the pages');
        foreach ($this->text->photos($report->case) as $photo) {
            if (str_contains($report->body, $photo->id.'.jpg')) {
                file_put_contents($folder.'/'.$photo->id.'.jpg', $this->shown->open($photo->picture->hash, PictureSize::Screen));
            }
        }
        $target = $folder.'/work.pdf';
        $this->pdf->make(
            $this->twig->render(
                'report/work/pdf.html.twig',
                ['report' => $report, 'case' => $report->case, 'assets' => 'file://'.$this->projectDir.'/assets'],
            ),
            $folder,
            $target,
        );
        $report->kept($this->stored->keep('work', $target), $target);
        $this->entityManager->flush();
    }
}
