<?php

declare(strict_types=1);

namespace App\Shop\Letters;

use App\Platform\OneNode;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:letters', 'Writes to people by mail what is due and what is wrong')]
final class LettersCommand extends Command
{
    public function __construct(private readonly DailyLetters $letters, private readonly OneNode $one)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(($this->one->during('letters', $this->letters->send(...)) ?? 0).' letters went');

        return Command::SUCCESS;
    }
}
