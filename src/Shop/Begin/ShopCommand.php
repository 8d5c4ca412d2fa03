<?php

declare(strict_types=1);

namespace App\Shop\Begin;

use App\Account\OurShop;
use App\Account\ShopKind;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('app:shop', 'Says what this database is for: new, demo or shop; and the key with which an empty shop is begun')]
final class ShopCommand extends Command
{
    public function __construct(
        private readonly OurShop $shop,
        private readonly BeginShop $begin,
        private readonly EntityManagerInterface $entityManager,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('own', null, InputOption::VALUE_NONE, 'Say that it is for a shop of its own: the demo never goes into it');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $kind = $this->shop->settings()->kind;
        if (true === $input->getOption('own')) {
            if (ShopKind::Demo === $kind) {
                $output->writeln('The demo is in this folder. ./japhrex empty takes it away; then a shop can begin.');

                return Command::FAILURE;
            }
            $this->shop->settings()->kind = ShopKind::Shop;
            $this->entityManager->flush();

            return Command::SUCCESS;
        }
        $output->writeln($kind->value);
        if (!$this->shop->hasBegun() && ShopKind::Demo !== $kind) {
            $output->writeln($this->begin->key());
        }

        return Command::SUCCESS;
    }
}
