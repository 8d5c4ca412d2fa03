<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** `./japhrex backup`. */
#[AsCommand('app:backup', 'Copies database and files away, encrypted, while the shop works')]
final class BackupCommand extends Command
{
    public function __construct(private readonly BackUp $backUp)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('to', InputArgument::REQUIRED, 'a folder, or s3://KEY:SECRET@host/bucket/folder');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $to = $input->getArgument('to');
        try {
            $made = $this->backUp->to(\is_string($to) ? $to : '');
        } catch (BackupError $failed) {
            $output->writeln('<error>'.$failed->getMessage().'</error>');

            return Command::FAILURE;
        }
        $output->writeln(\sprintf(
            '%s: %s rows of %d tables, %d files of %.1f MB, %d of them new.',
            BackupPlace::stamp($made->manifest->at),
            number_format(array_sum($made->manifest->rows)),
            \count($made->manifest->rows),
            \count($made->manifest->files),
            $made->manifest->bytes() / 1e6,
            $made->new,
        ));
        foreach ($made->damaged as $path) {
            $output->writeln("<error>$path is not what it was, and is not in this backup. ./japhrex mend FROM brings it back.</error>");
        }

        return [] === $made->damaged ? Command::SUCCESS : Command::FAILURE;
    }
}
