<?php

declare(strict_types=1);

namespace App\Demo\Years;

use Doctrine\DBAL\Connection;

use function Symfony\Component\Clock\now;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Gives the demo closed cases of earlier years; a throwaway copy to measure with gets heavy ones of fifteen. */
#[AsCommand('app:years', 'Fills the demo with closed cases of earlier years', hidden: true)]
final class YearsCommand extends Command
{
    /** One in so many is still open. */
    private const OPEN = 100;

    public function __construct(private readonly DemoYears $years, private readonly Connection $database)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('count', InputArgument::REQUIRED)
            ->addArgument('from', InputArgument::OPTIONAL, 'So many are there already', 0)
            ->addArgument('to', InputArgument::OPTIONAL, 'The last one that is written now')
            ->addOption('heavy', null, InputOption::VALUE_NONE, 'With steps, readings, photos and trail, by the owner of the tables');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $number = static fn (string $of): int => is_numeric($typed = $input->getArgument($of)) ? (int) $typed : 0;
        $count = $number('count');
        true === $input->getOption('heavy')
            ? $this->heavy($count, $number('from'), $number('to') ?: $count)
            : $this->years->load($count);
        $output->writeln(\sprintf('%d cases written', $count));

        return Command::SUCCESS;
    }

    /** The checks of the tables are put off: what is written is right, and there is much of it. */
    private function heavy(int $count, int $from, int $to): void
    {
        $this->database->executeStatement('SET session_replication_role = replica');
        $ids = $this->years->write($count, now('-15 years'), now('-20 days'), true, $from, $to);
        $this->years->sign(array_filter($ids, static fn (int $ordinal): bool => 0 !== $ordinal % self::OPEN, \ARRAY_FILTER_USE_KEY));
        foreach (array_chunk($ids, 5000) as $some) {
            $this->database->executeStatement('SELECT memory_note(:ids::uuid[])', ['ids' => '{'.implode(',', $some).'}']);
        }
        $this->database->executeStatement('SET session_replication_role = DEFAULT');
        $this->database->executeStatement('ANALYZE');
    }
}
