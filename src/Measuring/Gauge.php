<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Audited;
use App\Measuring\Repository\GaugeRepository;
use App\Platform\HasToken;
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
#[ORM\Entity(repositoryClass: GaugeRepository::class)]
#[ORM\Table(name: 'gauge')]
#[UniqueEntity('name', message: 'There is a gauge of this name already; number them.')]
class Gauge implements Audited
{
    use HasToken;
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
        #[ORM\Column(length: 20, nullable: true, enumType: GaugeKind::class)]
        public ?GaugeKind $kind = null,
        /** The smallest and the largest it measures, as typed; empty: not entered. */
        #[ORM\Column(length: 40)]
        #[Assert\Length(max: 40)]
        public string $rangeFrom = '',
        #[ORM\Column(length: 40)]
        #[Assert\Length(max: 40)]
        public string $rangeTo = '',
        #[ORM\Column(type: 'date_immutable', nullable: true)]
        public ?\DateTimeImmutable $calibrationDue = null,
        /** The bench to which it sends its readings; empty: it does not send. */
        #[ORM\Column(length: 40)]
        #[Assert\Length(max: 40)]
        public string $bench = '',
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
            foreach (['rangeFrom' => $this->rangeFrom, 'rangeTo' => $this->rangeTo] as $at => $text) {
                if (null !== $dimension && '' !== trim($text)) {
                    Quantity::parse($text, $dimension);
                }
            }
        } catch (QuantityError $error) {
            $context->buildViolation($error->getMessage())->atPath($at)->addViolation();
        }
    }

    /** Is its calibration out of date on a day? */
    public function isOverdue(\DateTimeInterface $on): bool
    {
        return null !== $this->calibrationDue && $this->calibrationDue->format('Y-m-d') < $on->format('Y-m-d');
    }

    /** Why a size lies outside of what it measures; null: it does not, or its range is not known. */
    public function outOfRange(Quantity $size): ?string
    {
        $parse = static fn (string $text): ?Quantity => '' === trim($text) ? null : Quantity::parse($text, $size->dimension);
        [$from, $to] = [$parse($this->rangeFrom), $parse($this->rangeTo)];
        if ((null === $from || $from->isAtMost($size)) && (null === $to || $size->isAtMost($to))) {
            return null;
        }

        return \sprintf(
            '%s lies outside the range of %s (%s to %s).',
            $size->typed().' '.$size->typedUnit,
            $this->name,
            $this->rangeFrom ?: '0',
            $this->rangeTo,
        );
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
