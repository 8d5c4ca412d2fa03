<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Audited;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bridge\Doctrine\Validator\Constraints\UniqueEntity;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A measuring tool of the shop. */
#[ORM\Entity]
#[ORM\Table(name: 'gauge')]
#[UniqueEntity('name', message: 'There is a gauge of this name already; number them.')]
class Gauge implements Audited
{
    use Identified;
    use Versioned;

    public function __construct(
        #[ORM\Column(length: 80, unique: true)]
        #[Assert\NotBlank(message: 'Which gauge is it? "Micrometer 0–25 no. 3".')]
        #[Assert\Length(max: 80)]
        public string $name = '',
        #[ORM\Column(length: 10, enumType: Method::class)]
        public Method $method = Method::Reading,
        /** As typed, with its unit. */
        #[ORM\Column(length: 40)]
        #[Assert\NotBlank(message: 'What is its smallest step? With its unit: 0.001 mm.')]
        #[Assert\Length(max: 40)]
        public string $resolution = '',
        /** Expanded uncertainty U, k = 2, as typed; empty if not known. */
        #[ORM\Column(length: 40)]
        #[Assert\Length(max: 40)]
        public string $expanded = '',
        #[ORM\Column(type: 'date_immutable', nullable: true)]
        public ?\DateTimeImmutable $calibratedOn = null,
    ) {
        $this->identify();
    }

    #[Assert\Callback]
    public function stepAndUncertaintyAreOfOneKind(ExecutionContextInterface $context): void
    {
        $at = 'resolution';
        try {
            $dimension = '' === trim($this->resolution) ? null : Quantity::dimensionsOf($this->resolution)[0];
            if (Dimension::Ratio === $dimension) {
                throw QuantityError::unitMissing($this->resolution, Dimension::Length);
            }
            $at = 'expanded';
            if (null !== $dimension && '' !== trim($this->expanded)) {
                Quantity::parse($this->expanded, $dimension->difference());
            }
        } catch (QuantityError $error) {
            $context->buildViolation($error->getMessage())->atPath($at)->addViolation();
        }
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Gauge '.$this->name;
    }
}
