<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Account\AuditedInPart;
use App\Account\User;
use App\Exchange\Repository\ApiTokenRepository;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/** With this a program reads in the name of a person, for a time. It is shown once; the shop keeps its hash only. */
#[ORM\Entity(repositoryClass: ApiTokenRepository::class)]
#[ORM\Table(name: 'api_token')]
class ApiToken implements AuditedInPart
{
    use Identified;

    public const LONGEST_NAME = 80;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $usedAt = null;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    /** @param non-empty-list<ApiScope> $scopes */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public User $person,
        #[ORM\Column(length: self::LONGEST_NAME)]
        public string $name,
        #[ORM\Column(length: 64, unique: true)]
        public string $hash,
        #[ORM\Column(type: 'json', enumType: ApiScope::class, options: ['jsonb' => true])]
        public array $scopes,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $until,
    ) {
        $this->identify();
    }

    public function opens(): bool
    {
        return null === $this->endedAt && $this->until > now() && $this->person->mayEnter();
    }

    public function end(): void
    {
        $this->endedAt ??= now();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditFields(): array
    {
        return ['name', 'scopes', 'until', 'endedAt'];
    }

    public function auditName(): string
    {
        return 'Token '.$this->name;
    }
}
