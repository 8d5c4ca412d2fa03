<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Dimension;

/** A reading against its limits. */
final readonly class ReadingFact
{
    /**
     * @param string $part key; empty: of the unit as a whole
     * @param ReadingSays|null $says what it is about and to which side; null: not told, and it speaks of wear
     */
    public function __construct(public string $part, public string $name, public LimitVerdict $verdict, public ?ReadingSays $says = null)
    {
    }

    /** A field as it was judged, with what it is about: a pressure is no wear, and a gap too small is none. */
    public static function of(string $part, Field $field, FieldAssessment $judged): self
    {
        $worst = $judged->atWorst();
        $isLarge = null !== $worst->limits->max && $worst->mean > $worst->limits->max->si;
        $says = match ($field->dimension) {
            Dimension::Pressure => $isLarge ? ReadingSays::PressureHigh : ReadingSays::PressureLow,
            Dimension::Temperature => ReadingSays::TooHot,
            default => ReadingSays::ofSize($isLarge ? ReadingSays::LARGE : ReadingSays::SMALL, $field->wearsLarger()),
        };

        return new self($part, $field->name, $judged->verdict, LimitVerdict::Within === $judged->verdict ? null : $says);
    }

    /**
     * What readings say: of wear where a size is beyond its limit on the side to which it wears, of a wrong part or a wrong setting where
     * it is beyond it on the other; of pressure, heat and line what they are. The worst of a part's counts, and any of them before a look.
     *
     * @param list<self> $readings
     * @param array<string, Spot> $spots
     *
     * @return array<string, Evidence>
     */
    public static function evidence(array $readings, array $spots): array
    {
        $read = [];
        foreach ($readings as $reading) {
            $id = $reading->condition();
            [$ifFalse, $ifTrue] = match ($reading->verdict) {
                LimitVerdict::Outside => [0.02, 1.0],
                LimitVerdict::Within => [1.0, 0.1],
                default => [0.6, 1.0],
            };
            if (isset($spots[$id]) && (!isset($read[$id]) || $ifFalse < $read[$id]->ifFalse)) {
                $read[$id] = new Evidence(
                    $id,
                    $ifFalse,
                    $ifTrue,
                    lcfirst($reading->name).' '.$reading->verdict->value,
                    $reading->verdict,
                );
            }
        }

        return $read;
    }

    /** The condition that it speaks of. */
    private function condition(): string
    {
        return match ($this->says) {
            ReadingSays::OtherSide, ReadingSays::TooTight => Spot::idOf('damage', 'assembly-fault', $this->part),
            ReadingSays::TooLoose => Spot::idOf('origin', 'fastener-loose', $this->part),
            ReadingSays::OutOfLine => 'state:side-load',
            ReadingSays::PressureHigh => 'state:over-pressure',
            ReadingSays::PressureLow => 'state:low-pressure',
            ReadingSays::VacuumHigh => 'state:starved',
            ReadingSays::CasePressure => 'state:case-pressure',
            ReadingSays::TooHot => 'state:hot',
            ReadingSays::TooSoft => Spot::idOf('origin', 'defect', $this->part),
            default => Spot::idOf('damage', 'worn', $this->part),
        };
    }
}
