<?php

declare(strict_types=1);

namespace App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:inbox', 'Takes pictures from the inbox folder into the trays of their cases')]
final class InboxCommand extends Command
{
    public function __construct(private readonly Inbox $inbox, private readonly EntityManagerInterface $entityManager)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('watch', null, InputOption::VALUE_NONE, 'go on for an hour, looking every two seconds');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $until = time() + ($input->getOption('watch') ? 3600 : 0);
        do {
            $swept = $this->inbox->sweep();
            if ($swept->taken + $swept->refused > 0) {
                $output->writeln(\sprintf('%d taken, %d refused.', $swept->taken, $swept->refused));
            }
            $this->entityManager->clear();
        } while (time() < $until && 0 === sleep(2));

        return Command::SUCCESS;
    }
}
