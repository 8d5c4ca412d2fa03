<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** `./japhrex doctor`. */
#[AsCommand('app:doctor', 'Looks whether the shop is well, and makes again what has failed; ends with 1 where something is ill')]
final class DoctorCommand extends Command
{
    /** @param iterable<Check> $checks */
    public function __construct(
        #[AutowireIterator(Check::TAG)]
        private readonly iterable $checks,
        private readonly QueueCheck $queue,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $ill = 0;
        foreach ($this->checks as $check) {
            foreach ($check->look() as $symptom) {
                $ill += $symptom->isWell ? 0 : 1;
                $output->writeln(\sprintf('%-6s %-20s %s', $symptom->isWell ? 'well' : 'ILL', $symptom->of, $symptom->says));
            }
        }
        $again = $this->queue->again();
        if ($again > 0) {
            $output->writeln("$again that could not be made are with the worker again.");
        }

        return 0 === $ill ? Command::SUCCESS : Command::FAILURE;
    }
}
