<?php

declare(strict_types=1);

namespace App\Demo;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:demo', 'Loads the demo shop into an empty database')]
final class DemoCommand extends Command
{
    public function __construct(private readonly DemoShop $shop)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('if-empty', null, InputOption::VALUE_NONE, 'Say nothing and do nothing when there are people already');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->shop->isNeeded()) {
            if (true === $input->getOption('if-empty')) {
                return Command::SUCCESS;
            }
            $output->writeln('There are people in this database already: the demo shop goes into an empty one only.');

            return Command::FAILURE;
        }
        $this->shop->load();
        $output->writeln('The demo shop is loaded.');

        return Command::SUCCESS;
    }
}
