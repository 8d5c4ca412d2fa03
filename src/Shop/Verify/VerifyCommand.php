<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Platform\OneNode;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** `./japhrex verify`, and every night at three. */
#[AsCommand('app:verify', 'Checks trail, signed documents, papers, recordings, photos and clips against their digests')]
final class VerifyCommand extends Command
{
    public function __construct(private readonly Verification $verification, private readonly OneNode $node)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $said = $this->node->during('verify', $this->verification->run(...));
        if (null === $said) {
            $output->writeln('Another machine is checking at this moment; what it finds stands on the floor.');

            return Command::SUCCESS;
        }
        foreach ([...array_column($said->wrong, 'what'), ...$said->orphaned] as $wrong) {
            $output->writeln($wrong);
        }
        $counts = implode(
            ', ',
            array_map(static fn (string $what, int $count): string => $count.' '.$what, array_keys($said->counts), $said->counts),
        );
        $output->writeln(
            [] === $said->wrong
                ? \sprintf('%s: all are what they were.', $counts)
                : \sprintf('%s: %d not what they were.', $counts, \count($said->wrong))
        );

        return [] === $said->wrong ? Command::SUCCESS : Command::FAILURE;
    }
}
