<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\People\PasswordError;
use App\Account\People\Passwords;
use App\Account\Repository\UserRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('app:person:add', 'Adds a person, or gives one a new password')]
final class AddPersonCommand extends Command
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly Passwords $passwords,
        private readonly UserRepository $people,
        private readonly OurShop $shop,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('username', InputArgument::REQUIRED)
            ->addArgument('role', InputArgument::REQUIRED, 'desk, bench, analyst or viewer')
            ->addArgument('name', InputArgument::OPTIONAL, 'as it appears in reports');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $io = new SymfonyStyle($input, $output);
        $username = $input->getArgument('username');
        $role = $input->getArgument('role');
        $name = $input->getArgument('name') ?? $username;
        $role = \is_string($role) ? Role::tryFrom('ROLE_'.strtoupper($role)) : null;
        if (null === $role || !\is_string($username) || !\is_string($name)) {
            $io->error('A role is desk, bench, analyst or viewer.');

            return Command::INVALID;
        }
        $user = $this->people->named($username) ?? new User($username, $name, $role, $this->shop->units());
        $user->role = $role;
        $user->name = $name;
        try {
            $this->passwords->set($user, (string) $io->askHidden('Password ('.Passwords::FEWEST.' characters or more)'));
        } catch (PasswordError $wrong) {
            $io->error($wrong->getMessage());

            return Command::FAILURE;
        }
        $this->entityManager->persist($user);
        $this->entityManager->flush();
        $io->success(\sprintf('%s may sign in as %s.', $name, $role->label()));

        return Command::SUCCESS;
    }
}
