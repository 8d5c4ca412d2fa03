<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Platform\Identified;
use App\Verdict\Repository\ShopPolicyRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/** A policy as the shop has it. A new version ends the one before; nothing is overwritten. */
#[ORM\Entity(repositoryClass: ShopPolicyRepository::class)]
#[ORM\Table(name: 'shop_policy')]
#[ORM\UniqueConstraint(name: 'shop_policy_in_force', columns: ['policy'], options: ['where' => '(ended_at IS NULL)'])]
class ShopPolicy implements Audited
{
    use DoneBy;
    use Identified;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    /** @param array<mixed> $content as it was read */
    public function __construct(
        #[ORM\Column(length: 60)]
        public string $policy,
        #[ORM\Column(type: Types::TEXT)]
        public string $text,
        #[ORM\Column(type: Types::JSON)]
        public array $content,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Policy '.$this->policy;
    }

    /** It is not in force from now on; what was judged by it stays. */
    public function end(): void
    {
        $this->endedAt = now();
    }
}
