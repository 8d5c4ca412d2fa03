<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Platform\PdfTool;
use App\Platform\StoredFiles;
use App\Platform\WorkFolder;
use App\Proof\Handover;
use App\Proof\Repository\HandoverRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Twig\Environment;

#[AsMessageHandler]
final readonly class MakeHandoverHandler
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private HandoverRepository $handovers,
        private AftercareText $text,
        private StoredFiles $stored,
        private PdfTool $pdf,
        private Environment $twig,
        private string $projectDir,
    ) {
    }

    public function __invoke(MakeHandover $message): void
    {
        $handover = $this->handovers->find($message->handover);
        if (null !== $handover) {
            WorkFolder::during(fn (string $folder) => $this->make($handover, $folder));
        }
    }

    private function make(Handover $handover, string $folder): void
    {
        $this->pdf->make(
            $this->twig->render(
                'proof/aftercare/pdf.html.twig',
                $this->text->of($handover) + ['assets' => 'file://'.$this->projectDir.'/assets'],
            ),
            $folder,
            $folder.'/handover.pdf',
        );
        $handover->keepPrint($this->stored->keep('handovers', $folder.'/handover.pdf'));
        $this->entityManager->flush();
    }
}
