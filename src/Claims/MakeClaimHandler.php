<?php

declare(strict_types=1);

namespace App\Claims;

use App\Claims\Repository\ClaimPapersRepository;
use App\Evidence\PictureSize;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\ShownPictures;
use App\Platform\PdfTool;
use App\Platform\StoredFiles;
use App\Report\PaperMaker;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Makes the papers of a claim step by step. Each step can be done again, so that a worker that dies loses nothing. */
#[AsMessageHandler]
final readonly class MakeClaimHandler
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private PaperMaker $maker,
        private ShownPictures $shown,
        private StoredFiles $stored,
        private PdfTool $pdf,
        private ClaimText $text,
        private Bundle $bundle,
        private PhotoRepository $photos,
        private ClaimPapersRepository $papers,
    ) {
    }

    public function __invoke(MakeClaim $message): void
    {
        $this->maker->make($this->papers->find($message->papers), $this->make(...));
    }

    private function make(ClaimPapers $papers, string $folder): void
    {
        $claim = $papers->claim;
        $photos = $this->photos->byStage($claim->case);
        foreach ($photos as $i => $photo) {
            $this->maker->step($papers, 5 + (int) (40 * $i / max(1, \count($photos))), \sprintf('photo %d of %d', $i + 1, \count($photos)));
            file_put_contents($folder.'/'.$photo->id.'.jpg', $this->shown->open($photo->picture->hash, PictureSize::Screen));
        }
        $this->maker->step($papers, 48, 'writing the claim');
        $html = $this->text->write($papers, $photos);
        $this->maker->step($papers, 60, 'setting the pages');
        $target = $folder.'/claim.pdf';
        $this->pdf->make($html, $folder, $target);
        $this->maker->step($papers, 80, 'packing the bundle');
        $bundle = $folder.'/bundle.zip';
        $this->bundle->pack($claim, $photos, $target, $bundle, $papers->withPlaces);
        $this->maker->step($papers, 95, 'storing them');
        $papers->bundled($this->stored->keep('claims', $bundle), $bundle);
        $papers->kept($this->stored->keep('claims', $target), $target);
        $this->entityManager->flush();
    }
}
