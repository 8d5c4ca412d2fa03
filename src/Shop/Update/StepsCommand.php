<?php

declare(strict_types=1);

namespace App\Shop\Update;

use Doctrine\Migrations\DependencyFactory;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Says what this version will change in the tables of a shop; nothing where they are its own already, or where there are none yet. */
#[AsCommand('app:steps', 'Says what an update will change in the tables')]
final class StepsCommand extends Command
{
    public function __construct(
        #[Autowire(service: 'doctrine.migrations.dependency_factory')]
        private readonly DependencyFactory $migrations,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->migrations->getConnection()->createSchemaManager()->tablesExist(['doctrine_migration_versions'])) {
            return Command::SUCCESS;
        }
        foreach ($this->migrations->getMigrationStatusCalculator()->getNewMigrations()->getItems() as $step) {
            $output->writeln($step->getMigration()->getDescription());
        }

        return Command::SUCCESS;
    }
}
