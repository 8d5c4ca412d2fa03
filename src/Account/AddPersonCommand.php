<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Repository\UserRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

#[AsCommand('app:person:add', 'Adds a person, or gives one a new password')]
final class AddPersonCommand extends Command
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly UserPasswordHasherInterface $hasher,
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
        $password = $io->askHidden(
            'Password (10 characters or more)',
            static fn (?string $typed): string => \strlen((string) $typed) >= 10
                ? (string) $typed
                : throw new \RuntimeException('Ten characters or more.'),
        );
        $user = $this->people->named($username) ?? new User($username, $name, $role, $this->shop->units());
        $user->role = $role;
        $user->name = $name;
        $user->password = $this->hasher->hashPassword($user, \is_string($password) ? $password : '');
        $this->entityManager->persist($user);
        $this->entityManager->flush();
        $io->success(\sprintf('%s may sign in as %s.', $name, $role->label()));

        return Command::SUCCESS;
    }
}
