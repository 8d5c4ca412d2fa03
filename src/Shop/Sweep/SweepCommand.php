<?php

declare(strict_types=1);

namespace App\Shop\Sweep;

use App\Platform\OneNode;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:sweep', 'Takes away what a crash has left and what has run out')]
final class SweepCommand extends Command
{
    public function __construct(private readonly Sweep $sweep, private readonly OneNode $one)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach ($this->one->during('sweep', $this->sweep->run(...)) ?? [] as $what => $many) {
            $output->writeln("$many $what");
        }

        return Command::SUCCESS;
    }
}
