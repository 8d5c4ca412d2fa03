<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Intake\Repository\CaseFileRepository;
use Doctrine\ORM\EntityManagerInterface;
use League\Flysystem\FilesystemOperator;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Fills a case of a throwaway copy with many photos over all its parts; the sizes for the screen are those of one. */
#[AsCommand('app:bench:fill', 'Fills a case with photos to measure pages with', hidden: true)]
final class BenchFillCommand extends Command
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly BookShelf $shelf,
        private readonly FilesystemOperator $files,
        private readonly string $projectDir,
        private readonly CaseFileRepository $cases,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('case', InputArgument::REQUIRED)->addArgument('count', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $case = $this->cases->numbered($input->getArgument('case')) ?? throw new \InvalidArgumentException('There is no such case.');
        $parts = $this->shelf->book($case->family, $case->is())->partsInStripOrder();
        $jpeg = (string) file_get_contents($this->projectDir.'/demo/photos/gear-scored.jpg');
        $count = $input->getArgument('count');
        for ($i = 0; $i < (is_numeric($count) ? (int) $count : 0); ++$i) {
            $hash = hash('sha256', $case->number.$i);
            foreach ([PictureSize::Thumb, PictureSize::Screen] as $size) {
                $this->files->write(\sprintf('derived/%d/%s/%s.jpg', $size->value, substr($hash, 0, 2), $hash), $jpeg);
            }
            $this->entityManager->persist($picture = new Picture($hash, 'image/jpeg', \strlen($jpeg), 1280, 960, null));
            $this->entityManager->persist(
                new Photo(
                    $case,
                    $picture,
                    $parts[$i % \count($parts)]->key,
                    0 === $i % 3 ? PhotoStage::Cleaned : PhotoStage::AsFound,
                    $i.'.jpg',
                )
            );
        }
        $this->entityManager->flush();

        return Command::SUCCESS;
    }
}
