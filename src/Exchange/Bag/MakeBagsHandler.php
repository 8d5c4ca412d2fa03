<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Exchange\Repository\BagOutRepository;
use App\Intake\Repository\CaseFileRepository;
use App\Platform\StoredFiles;
use App\Report\PaperMaker;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Packs cases one by one. What is made can be made again, so that a worker that dies loses nothing. */
#[AsMessageHandler]
final readonly class MakeBagsHandler
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private PaperMaker $maker,
        private CaseFileRepository $cases,
        private PackedCase $packed,
        private StoredFiles $stored,
        private BagOutRepository $bags,
    ) {
    }

    public function __invoke(MakeBags $message): void
    {
        $this->maker->make($this->bags->find($message->bags), $this->make(...));
    }

    private function make(BagOut $bags, string $folder): void
    {
        $target = $folder.'/bags.zip';
        $zip = new BagZip($target);
        foreach ($bags->numbers as $i => $number) {
            $this->maker->step($bags, 2 + (int) (85 * $i / \count($bags->numbers)), \sprintf('packing %s', $number));
            $case = $this->cases->numbered($number) ?? throw new \DomainException(\sprintf('There is no case %s any more.', $number));
            $own = $folder.'/'.$i;
            mkdir($own);
            $zip->add($number, $this->packed->files($case, $bags->withPlaces, $own, $bags), $this->packed->info($case));
        }
        $this->maker->step($bags, 88, 'closing the file');
        $zip->close();
        $this->maker->step($bags, 95, 'storing it');
        $bags->kept($this->stored->keep(BagOut::AREA, $target), $target);
        $this->entityManager->flush();
    }
}
