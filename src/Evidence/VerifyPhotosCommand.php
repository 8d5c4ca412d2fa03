<?php

declare(strict_types=1);

namespace App\Evidence;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads every stored photo anew and compares its hash: `./japhrex photos verify`. */
#[AsCommand('app:photos:verify', 'Rehashes all stored photos and names what is missing, damaged or orphaned')]
final class VerifyPhotosCommand extends Command
{
    public function __construct(private readonly PhotoCheck $check)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $said = $this->check->run();
        $output->writeln([...array_column($said->lost, 'what'), ...$said->orphaned]);
        $output->writeln(
            [] === $said->lost
                ? \sprintf('%d photos, all as they came.', $said->photos)
                : \sprintf('%d photos, %d not as they should be.', $said->photos, \count($said->lost))
        );

        return [] === $said->lost ? Command::SUCCESS : Command::FAILURE;
    }
}
