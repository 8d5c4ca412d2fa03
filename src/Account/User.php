<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Repository\UserRepository;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** A person who signs in. */
#[ORM\Entity(repositoryClass: UserRepository::class)]
#[ORM\Table(name: 'person')]
class User implements Actor, PasswordAuthenticatedUserInterface, Audited
{
    use Identified;

    #[ORM\Column(length: 255)]
    public string $password = '';

    /** What he is certified for, one a line, as he tells it. */
    #[ORM\Column(length: 500, options: ['default' => ''])]
    #[Assert\Length(max: 500)]
    public string $certificates = '';

    /** Where letters of the program go; empty: they are printed. */
    #[ORM\Column(length: 180, options: ['default' => ''])]
    #[Assert\Email(message: 'Expected an address such as name@shop.example.')]
    #[Assert\Length(max: 180)]
    public string $mail = '';

    /** Since when the person may not sign in any more; the name stays on what was done. */
    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $disabledAt = null;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        #[Assert\Regex('/^[a-z0-9][a-z0-9._-]{1,59}$/', message: 'Expected 2 to 60 small letters, digits, dots, dashes, such as m.hale.')]
        public string $username,
        #[ORM\Column(length: 80)]
        #[Assert\NotBlank(message: 'What is the person called? The name stands on what is signed.')]
        #[Assert\Length(max: 80)]
        public string $name,
        #[ORM\Column(length: 20, enumType: Role::class)]
        public Role $role,
        #[ORM\Column(length: 10, enumType: UnitSystem::class)]
        public UnitSystem $units = UnitSystem::Metric,
    ) {
        $this->identify();
    }

    public function mayEnter(): bool
    {
        return null === $this->disabledAt;
    }

    public function actsAs(): string
    {
        return $this->name;
    }

    public function signsAs(): string
    {
        return $this->name;
    }

    public function person(): self
    {
        return $this;
    }

    public function getRoles(): array
    {
        return [$this->role->value];
    }

    public function getPassword(): string
    {
        return $this->password;
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->username ? throw new \LogicException('A person has a name to sign in with.') : $this->username;
    }

    public function eraseCredentials(): void
    {
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Person '.$this->username;
    }
}
