<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\Audited;
use App\Platform\HasToken;
use App\Platform\Identified;
use App\Platform\Versioned;
use App\Proof\Repository\TestStandRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Proof\Channel;
use Symfony\Component\Uid\Uuid;

/** A test stand of the shop: what its gauges do not know, and the token with which it sends its rows. */
#[ORM\Entity(repositoryClass: TestStandRepository::class)]
#[ORM\Table(name: 'test_stand')]
class TestStand implements Audited
{
    use HasToken;
    use Identified;
    use Versioned;

    /** @var array<string, string> channel => expanded uncertainty U, k = 2, as typed; one that is not known is left out */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $expanded = [];

    public function __construct(
        #[ORM\Column(length: 80, unique: true)]
        public string $name,
    ) {
        $this->identify();
    }

    /** Expanded uncertainty of a channel in SI; 0: not told. */
    public function u(Channel $channel): float
    {
        $typed = $this->expanded[$channel->value] ?? '';

        return '' === $typed ? 0.0 : $channel->uncertainty($typed);
    }

    /** @return array<string, float> expanded uncertainty by channel in SI, of those that are known */
    public function all(): array
    {
        $all = [];
        foreach (Channel::cases() as $channel) {
            $all += isset($this->expanded[$channel->value]) ? [$channel->value => $this->u($channel)] : [];
        }

        return $all;
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    /** @param array<string, string> $expanded uncertainty by channel, as typed */
    public function describe(string $name, array $expanded): void
    {
        [$this->name, $this->expanded] = [$name, $expanded];
    }

    public function auditName(): string
    {
        return 'Test stand '.$this->name;
    }
}
