<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Measuring\Form\ShopLimitInput;
use App\Measuring\Repository\ShopLimitRepository;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\Quantity;
use Symfony\Component\Uid\Uuid;

/**
 * The shop's own limits of a reading, from its maker's manual: kept apart from the shipped book, and beside it. A change
 * ends one and begins another, so that a signed case keeps those it was signed with.
 */
#[ORM\Entity(repositoryClass: ShopLimitRepository::class)]
#[ORM\Table(name: 'shop_limit')]
#[ORM\Index(columns: ['family', 'part', 'field'])]
class ShopLimit implements Audited
{
    use DoneBy;
    use Identified;
    use Versioned;

    public const KEY = 'shop';

    /** As typed, with their units; empty: none. */
    #[ORM\Column(length: 40)]
    public string $new = '';

    #[ORM\Column(length: 40)]
    public string $min = '';

    #[ORM\Column(length: 40)]
    public string $max = '';

    /** Where it is written: manual, edition, page. */
    #[ORM\Column(length: 200)]
    public string $source = '';

    /** From when on it no longer counts. */
    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        #[ORM\Column(length: 60)]
        public string $family,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 60)]
        public string $field,
    ) {
        $this->identify();
    }

    public function begin(ShopLimitInput $typed, \DateTimeImmutable $at, Actor $who): void
    {
        [$this->new, $this->min, $this->max, $this->source] = [$typed->new, $typed->min, $typed->max, $typed->source];
        $this->madeAt = $at;
        $this->doneBy($who);
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->endedAt = $at;
    }

    /** @throws \DomainException saying what cannot be read, or that there is no limit */
    public function set(Field $field): LimitSet
    {
        $parse = static fn (string $text): ?Quantity => '' === trim($text) ? null : Quantity::parse($text, $field->dimension);

        return new LimitSet(self::KEY, new Limits($parse($this->new), $parse($this->min), $parse($this->max)), $this->source, false);
    }

    /** @param \DateTimeImmutable|null $at null: now */
    public function heldAt(?\DateTimeImmutable $at): bool
    {
        return null === $at ? null === $this->endedAt : $this->madeAt <= $at && (null === $this->endedAt || $this->endedAt > $at);
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Limit of the shop for '.$this->field.' of '.$this->part;
    }
}
