<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `./japhrex restore` and `./japhrex mend`. */
#[AsCommand('app:restore', 'Gives a backup back into an empty database and store, into a folder, or one file of it')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly Restore $restore)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('from', InputArgument::REQUIRED, 'a folder, or s3://KEY:SECRET@host/bucket/folder')
            ->addOption('key', null, InputOption::VALUE_REQUIRED, 'file with the private key')
            ->addOption('at', null, InputOption::VALUE_REQUIRED, 'which one, such as 20261201T030000Z; the newest if left away', '')
            ->addOption('secret', null, InputOption::VALUE_REQUIRED, 'file that gets the secret of the program', '')
            ->addOption('to-folder', null, InputOption::VALUE_REQUIRED, 'open it into this folder, beside no database', '')
            ->addOption('check', null, InputOption::VALUE_NONE, 'open everything, compare, keep nothing')
            ->addOption('file', null, InputOption::VALUE_REQUIRED, 'put back only the file of this SHA-256', '')
            ->addOption('list', null, InputOption::VALUE_NONE, 'say which backups are there');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$from, $key, $at, $secret, $folder, $file] = array_map(static fn (mixed $given): string => \is_string($given) ? $given : '', [
            $input->getArgument('from'), ...array_map($input->getOption(...), ['key', 'at', 'secret', 'to-folder', 'file']),
        ]);
        try {
            if (true === $input->getOption('list')) {
                $output->writeln(array_map(BackupPlace::stamp(...), (new BackupPlace($from))->made()));

                return Command::SUCCESS;
            }
            if ('' !== $file) {
                foreach ($this->restore->mend($from, $key, $file) as $path) {
                    $output->writeln("Put back: $path");
                }

                return Command::SUCCESS;
            }
            $manifest = true === $input->getOption('check') || '' !== $folder
                ? $this->restore->check($from, $key, $at, $folder)
                : $this->restore->into($from, $key, $at, $secret);
        } catch (BackupError $failed) {
            $output->writeln('<error>'.$failed->getMessage().'</error>');

            return Command::FAILURE;
        }
        $output->writeln(\sprintf(
            'The backup of %s is whole: %s rows, %d files of %.1f MB.',
            BackupPlace::stamp($manifest->at),
            number_format(array_sum($manifest->rows)),
            \count($manifest->files),
            $manifest->bytes() / 1e6,
        ));

        return Command::SUCCESS;
    }
}
