<?php

declare(strict_types=1);

namespace App\Repair;

use App\Evidence\PictureSize;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\ShownPictures;
use App\Platform\PdfTool;
use App\Platform\StoredFiles;
use App\Platform\WorkFolder;
use App\Repair\Repository\OfferRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Twig\Environment;

#[AsMessageHandler]
final readonly class MakeOfferHandler
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private ShownPictures $shown,
        private StoredFiles $stored,
        private PdfTool $pdf,
        private Environment $twig,
        private string $projectDir,
        private OfferRepository $offers,
        private PhotoRepository $photos,
    ) {
    }

    public function __invoke(MakeOffer $message): void
    {
        $offer = $this->offers->find($message->offer);
        if (null === $offer || null !== $offer->pdf) {
            return;
        }
        WorkFolder::during(fn (string $folder) => $this->make($offer, $folder));
    }

    private function make(Offer $offer, string $folder): void
    {
        $photos = [];
        foreach ($offer->photos as $id) {
            $photo = $this->photos->find($id);
            if (null !== $photo) {
                $photos[] = $photo;
                file_put_contents($folder.'/'.$photo->id.'.jpg', $this->shown->open($photo->picture->hash, PictureSize::Screen));
            }
        }
        $this->pdf->make(
            $this->twig->render(
                'repair/offer_pdf.html.twig',
                ['offer' => $offer, 'case' => $offer->case, 'photos' => $photos, 'assets' => 'file://'.$this->projectDir.'/assets'],
            ),
            $folder,
            $folder.'/offer.pdf',
        );
        $offer->keepPrint($this->stored->keep('offers', $folder.'/offer.pdf'));
        $this->entityManager->flush();
    }
}
