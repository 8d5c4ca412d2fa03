<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** A value that is read in the proof, with its limits. */
final readonly class ProofRead
{
    /**
     * @param string $channel of the stand that shows it: flow, pressure, temperature, speed; empty: none
     * @param string $least the smallest that passes, as the book writes it; empty: none
     * @param string $most the largest that passes; empty: none
     * @param bool $ofDisplacement is it the flow as a share of displacement times speed?
     * @param array<string, string> $curve setting of a power control that points are held against, as the figure `power-curve` takes it;
     *                                     empty: it is one value
     * @param array<string, string> $at channel => value of the stand at which it is read; empty: at any
     * @param bool $sample an invented value that the shop replaces by its maker's
     */
    public function __construct(
        public string $what,
        public string $channel,
        public string $least,
        public string $most,
        public bool $ofDisplacement,
        public array $curve,
        public bool $sample,
        public array $at = [],
    ) {
    }

    /**
     * Null for a curve.
     *
     * @throws \DomainException if the limits cannot be read
     */
    public function limits(): ?Limits
    {
        if ([] !== $this->curve) {
            return null;
        }
        $dimension = $this->dimension();
        $parse = static fn (string $text): ?Quantity => '' === $text ? null : Quantity::parse($text, $dimension);

        return new Limits(null, $parse($this->least), $parse($this->most));
    }

    public function dimension(): Dimension
    {
        return $this->ofDisplacement ? Dimension::Ratio : Quantity::dimensionsOf($this->least.('' === $this->least ? $this->most : ''))[0];
    }

    /** The same with the shop's own limits in the place of the book's. */
    public function within(string $least, string $most): self
    {
        return new self($this->what, $this->channel, $least, $most, $this->ofDisplacement, $this->curve, false, $this->at);
    }

    /**
     * The same with limits that the shop enters: written somewhere, and in the unit in which it is read.
     *
     * @throws \DomainException saying what is missing or cannot be read
     */
    public function ownedBy(string $least, string $most, string $source): self
    {
        '' !== trim($source) || throw MeasuringError::noSource();
        $own = $this->within($least, $most);
        $own->limits();
        $own->dimension() === $this->dimension() || throw MeasuringError::otherUnit(
            $this->what,
            $this->dimension()->value,
            $this->asks(),
        );

        return $own;
    }

    /** The limits in words. */
    public function asks(): string
    {
        $of = $this->ofDisplacement ? ' of displacement times speed' : '';

        return match (true) {
            [] !== $this->curve => \sprintf('within %s of %s', $this->curve['tolerance'] ?? '', $this->curve['power'] ?? '').(
                isset($this->curve['regulates-from']) ? ' from '.$this->curve['regulates-from'] : ''
            ),
            '' === $this->most => 'at least '.$this->least.$of,
            '' === $this->least => 'at most '.$this->most.$of,
            default => $this->least.' to '.$this->most.$of,
        };
    }
}
