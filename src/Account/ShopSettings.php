<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Repository\ShopSettingsRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** Whose program this is: what stands on its papers, and what its people are used to. There is one row. */
#[ORM\Entity(repositoryClass: ShopSettingsRepository::class)]
#[ORM\Table(name: 'shop_settings')]
class ShopSettings implements Audited
{
    use Identified;

    /** Where logos are kept in the store. */
    public const AREA = 'shop';

    public function __construct(
        #[ORM\Column(length: 80)]
        #[Assert\NotBlank(message: 'What is the shop called? It stands on every paper.')]
        #[Assert\Length(max: 80)]
        public string $name,
        /** As it stands on letters, a line each. */
        #[ORM\Column(length: 400)]
        #[Assert\Length(max: 400)]
        public string $address,
        #[ORM\Column(length: 40)]
        #[Assert\Timezone(message: 'Expected a time zone such as Europe/Oslo.')]
        public string $zone,
        #[ORM\Column(length: 3)]
        #[Assert\Regex('/^[A-Z]{3}$/', message: 'Expected the three capital letters of a currency, such as EUR.')]
        public string $currency,
        #[ORM\Column(length: 10, enumType: UnitSystem::class)]
        public UnitSystem $units,
        /** How cases are numbered: capital letters, digits and dashes, with {year} and {number}. */
        #[ORM\Column(length: 40)]
        #[Assert\Regex(
            '/^(?=.*\{number\})(?:[A-Z0-9-]|\{year\}|\{number\}){1,12}$/',
            message: 'Expected capital letters, digits and dashes around {number}, and {year} if wanted, such as PW-{year}-{number}.',
        )]
        public string $numbering,
        /** SHA-256 of the logo in the store; null: none. */
        #[ORM\Column(length: 64, nullable: true)]
        public ?string $logo = null,
        #[ORM\Column(length: 20)]
        public string $logoType = '',
        #[ORM\Column(length: 10, enumType: ShopKind::class, options: ['default' => 'new'])]
        public ShopKind $kind = ShopKind::New,
        /** Whether who signs proves it by a code of a second factor as well. */
        #[ORM\Column(options: ['default' => false])]
        public bool $codeToSign = false,
        /** Years for which the law asks that the papers of a case are kept whole; then the names of people may go out of it. */
        #[ORM\Column(type: 'smallint', options: ['default' => 10])]
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'Between {{ min }} and {{ max }} years.')]
        public int $keepYears = 10,
    ) {
        $this->identify();
    }

    /**
     * @param int $running number of the case
     * @param int $year of four digits
     */
    public function caseNumber(int $running, int $year): string
    {
        return strtr($this->numbering, ['{year}' => \sprintf('%02d', $year % 100), '{number}' => \sprintf('%04d', $running)]);
    }

    public function isDemo(): bool
    {
        return ShopKind::Demo === $this->kind;
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Settings of the shop';
    }
}
