<?php

declare(strict_types=1);

namespace App\Memory;

use App\Intake\Repository\CaseChangeRepository;
use App\Memory\Repository\MemoryRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Remembers all that is due: after an update, an import, or work that went on without a page being looked at. */
#[AsCommand('app:remember', 'Brings the memory of the shop up to date')]
final class RememberCommand extends Command
{
    private const BATCH = 50;

    public function __construct(
        private readonly Remember $remember,
        private readonly MemoryRepository $memory,
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseChangeRepository $changes,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $this->memory->noteHalf();
        $all = 0;
        do {
            $all += $done = $this->remember->due(self::BATCH);
            $this->remember->watch();
            $this->entityManager->clear();
        } while ($done > 0);
        if ($all > 0 || $this->memory->isCountOld()) {
            $this->memory->countTraits();
        }
        $this->changes->putTogether();
        $output->writeln(\sprintf('%d %s remembered', $all, 1 === $all ? 'case' : 'cases'));

        return Command::SUCCESS;
    }
}
