<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/**
 * A field judged place by place: each place is a size of its own, and the verdict of the field is that of the worst.
 *
 * Source: ISO 14253-1 at each place; ISO 14405-1 for sizes at a place. The confidence holds for a place.
 */
final readonly class FieldAssessment
{
    /** The worst place: outside before undecided before within; among equals the one with the least room left. */
    public JudgedPlace $worst;

    /** Open while places are unread and none lies outside. */
    public LimitVerdict $verdict;

    /** The largest of all places; null where no share of wear can be told. */
    public ?float $wearUsed;

    /**
     * @param non-empty-list<JudgedPlace> $places in the order of the book
     * @param list<string> $unread places that were not read yet
     */
    public function __construct(public array $places, public array $unread = [])
    {
        $worst = $places[0];
        foreach ($places as $one) {
            if ($one->severity() > $worst->severity() || ($one->severity() === $worst->severity() && $one->room() < $worst->room())) {
                $worst = $one;
            }
        }
        $this->worst = $worst;
        $found = $worst->assessment->verdict;
        $this->verdict = [] !== $unread && LimitVerdict::Outside !== $found ? LimitVerdict::Open : $found;
        $shares = array_filter(
            array_map(static fn (JudgedPlace $one): ?float => $one->assessment->wearUsed, $places),
            static fn (?float $share): bool => null !== $share,
        );
        $this->wearUsed = [] === $shares ? null : max($shares);
    }

    /** Size, guard and limits at the worst place. */
    public function atWorst(): Assessment
    {
        return $this->worst->assessment;
    }

    /** @return list<string> places that lie outside */
    public function outside(): array
    {
        return array_values(
            array_map(
                static fn (JudgedPlace $one): string => $one->place,
                array_filter($this->places, static fn (JudgedPlace $one): bool => LimitVerdict::Outside === $one->assessment->verdict),
            )
        );
    }

    /** The verdict in words, with the place it hangs on: "outside at 9 o'clock". */
    public function says(): string
    {
        return match (true) {
            LimitVerdict::Open === $this->verdict => 'open: not read at '.self::listed($this->unread),
            LimitVerdict::Outside === $this->verdict
                && \count($this->places) > 1
                && \count($this->outside()) === \count($this->places) => \count($this->places) > 2
                ? 'outside at every place'
                : 'outside at both places',
            LimitVerdict::Outside === $this->verdict && \count($this->outside()) > 1 => 'outside at '.self::listed($this->outside()),
            '' === $this->worst->place || LimitVerdict::Within === $this->verdict => $this->verdict->value,
            default => $this->verdict->value.' at '.$this->worst->place,
        };
    }

    /** @return list<string> what the numbers do not say by themselves */
    public function notes(): array
    {
        $notes = [];
        foreach ($this->places as $one) {
            foreach ($one->assessment->notes as $note) {
                $notes[] = '' === $one->place || \count($this->places) < 2 ? $note : ucfirst($one->place).': '.lcfirst($note);
            }
        }
        if ([] !== $this->unread && LimitVerdict::Open !== $this->verdict) {
            $notes[] = 'Not read at '.self::listed($this->unread).'.';
        }

        return array_values(array_unique($notes));
    }

    /**
     * Where a scale picture begins and ends (SI), so that every place is on it.
     *
     * @return array{float, float}
     */
    public function scale(): array
    {
        $scales = array_map(static fn (JudgedPlace $one): array => $one->assessment->scale(), $this->places);

        return [min(array_column($scales, 0)), max(array_column($scales, 1))];
    }

    /** @param list<string> $places */
    public static function listed(array $places): string
    {
        $last = array_pop($places) ?? '';

        return [] === $places ? $last : implode(', ', $places).' and '.$last;
    }
}
