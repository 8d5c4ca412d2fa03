<?php

declare(strict_types=1);

namespace App\Shop;

use App\Platform\OneNode;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Waits for three in the morning, then does what a shop does at night: lets go of what is kept no longer, makes the backup that was
 * asked for, and checks everything that carries a digest. What is wrong stands on the floor in the morning.
 */
#[AsCommand('app:night', 'Waits for three in the morning, then clears up, backs up and checks')]
final class NightCommand extends Command
{
    /** @param string $backupTo file that says where to, written by `./japhrex backup TO --nightly` */
    public function __construct(
        #[Autowire('%kernel.project_dir%/var/backup-to')] private readonly string $backupTo,
        private readonly OneNode $one,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('now', null, InputOption::VALUE_NONE, 'Do not wait');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true !== $input->getOption('now')) {
            sleep(max(1, (int) (new \DateTimeImmutable('tomorrow 03:00'))->format('U') - time()));
        }
        $to = is_file($this->backupTo) ? trim((string) file_get_contents($this->backupTo)) : '';
        $did = [$this->does('cache:pool:prune', [], $output), $this->does('app:sweep', [], $output)];
        if ('' !== $to) {
            $did[] = $this->doesOnce('app:backup', ['to' => $to], $input, $output);
        }
        array_push(
            $did, $this->doesOnce('app:verify', [], $input, $output), $this->doesOnce('app:letters', [], $input, $output),
        );

        return max($did);
    }

    /**
     * What is done for all machines of a shop, by the first of them that gets to it; asked for by hand it is done again.
     *
     * @param array<string, string> $with
     */
    private function doesOnce(string $command, array $with, InputInterface $input, OutputInterface $output): int
    {
        return $this->one->isFirstToday($command) || true === $input->getOption('now') ? $this->does($command, $with, $output) : 0;
    }

    /** @param array<string, string> $with */
    private function does(string $command, array $with, OutputInterface $output): int
    {
        try {
            $with = new ArrayInput($with);
            $with->setInteractive(false);

            return $this->getApplication()?->find($command)->run($with, $output) ?? Command::FAILURE;
        } catch (\Throwable $error) {
            // What comes next does not depend on it.
            $output->writeln($command.': '.$error->getMessage());

            return Command::FAILURE;
        }
    }
}
