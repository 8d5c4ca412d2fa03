<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\LimitVerdict;

/** A reading against its limits. */
final readonly class ReadingFact
{
    /** What runs gets no softer, but by heat that is seen: so seldom is a hardness read too low where nothing was wrong with the part. */
    private const SOFT = 0.004;

    /**
     * @param string $part key; empty: of the unit as a whole
     * @param ReadingSays|null $says what it is about and to which side; null: not told, and it speaks of wear
     * @param string $field which reading of the book it is, `part/field`; empty: none
     * @param list<string> $from the readings of two parts or more from which it is worked out, where it is a gap between them
     */
    public function __construct(
        public string $part,
        public string $name,
        public LimitVerdict $verdict,
        public ?ReadingSays $says = null,
        public string $field = '',
        public array $from = [],
    ) {
    }

    /** A field as it was judged, with what it is about: a pressure is no wear, and a gap too small is none. */
    public static function of(string $part, Field $field, FieldAssessment $judged): self
    {
        $worst = $judged->atWorst();
        $isLarge = null !== $worst->limits->max && $worst->mean > $worst->limits->max->si;
        $says = ReadingSays::ofField($isLarge ? ReadingSays::LARGE : ReadingSays::SMALL, $field);

        return new self(
            $part,
            $field->name,
            $judged->verdict,
            // A size within its limits speaks against wear, of which either side may be; what measures one thing speaks against that.
            LimitVerdict::Within === $judged->verdict && null === $field->measures ? null : $says,
            $part.'/'.$field->key,
            $field->between(),
        );
    }

    /**
     * What readings say: of wear where a size is beyond its limit on the side to which it wears, of a wrong part or a wrong setting where
     * it is beyond it on the other; of pressure, heat and line what they are. The worst of a part's counts, and any of them before a look.
     * A gap that is too large is laid to that of its parts whose own size is beyond its limit, and to none whose own size is within it.
     *
     * @param list<self> $readings
     * @param array<string, Spot> $spots
     *
     * @return array<string, Evidence>
     */
    public static function evidence(array $readings, array $spots): array
    {
        $read = [];
        [$outside, $within] = [self::those($readings, LimitVerdict::Outside), self::those($readings, LimitVerdict::Within)];
        foreach ($readings as $reading) {
            $id = $reading->condition($reading->laidTo($outside, $within));
            [$ifFalse, $ifTrue] = match ($reading->verdict) {
                LimitVerdict::Outside => [ReadingSays::TooSoft === $reading->says ? self::SOFT : 0.02, 1.0],
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

    /**
     * @param list<self> $readings
     *
     * @return list<string> which of them were judged so
     */
    private static function those(array $readings, LimitVerdict $verdict): array
    {
        return array_map(
            static fn (self $one): string => $one->field,
            array_values(array_filter($readings, static fn (self $one): bool => $verdict === $one->verdict)),
        );
    }

    /**
     * The part that is blamed for it.
     *
     * @param list<string> $outside readings beyond their limits
     * @param list<string> $within readings within them
     */
    private function laidTo(array $outside, array $within): string
    {
        $known = array_intersect($this->from, $outside);
        $open = [] === $known ? array_diff($this->from, $within) : $known;
        $parts = array_map(static fn (string $field): string => explode('/', $field)[0], array_values($open));

        return LimitVerdict::Within === $this->verdict || [] === $parts || \in_array($this->part, $parts, true) ? $this->part : $parts[0];
    }

    /** The condition that it speaks of, of the part to which it is laid. */
    private function condition(string $part): string
    {
        return match ($this->says) {
            ReadingSays::OtherSide, ReadingSays::TooTight => Spot::idOf('damage', 'assembly-fault', $part),
            ReadingSays::TooLoose => Spot::idOf('origin', 'fastener-loose', $part),
            ReadingSays::OutOfLine => 'state:side-load',
            ReadingSays::Bent => Spot::idOf('damage', 'plastic-deformation', $part),
            ReadingSays::Leaks => Spot::idOf('damage', 'leak-trace', $part),
            ReadingSays::PressureHigh => 'state:over-pressure',
            ReadingSays::PressureLow => 'state:low-pressure',
            ReadingSays::FlowLow => Spot::idOf('state', 'throttled', $part),
            ReadingSays::VacuumHigh => 'state:starved',
            ReadingSays::CasePressure => 'state:case-pressure',
            ReadingSays::TooHot => 'state:hot',
            ReadingSays::TooSoft => Spot::idOf('origin', 'defect', $part),
            default => Spot::idOf('damage', 'worn', $part),
        };
    }
}
