<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\Audited;
use App\Account\User;
use App\Memory\Repository\SavedAskRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A question that somebody kept under a name, for themselves or for the shop. */
#[ORM\Entity(repositoryClass: SavedAskRepository::class)]
#[ORM\Table(name: 'saved_ask')]
class SavedAsk implements Audited
{
    use Identified;

    public const LONGEST_NAME = 80;
    public const LONGEST_LINE = 500;

    public function __construct(
        #[ORM\Column(length: self::LONGEST_NAME)]
        public readonly string $name,
        #[ORM\Column(length: self::LONGEST_LINE)]
        public readonly string $line,
        /** Null: it is the shop's. */
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        public readonly ?User $owner,
    ) {
        $this->identify();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Saved question '.$this->name;
    }
}
